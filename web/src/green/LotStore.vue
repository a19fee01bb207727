<script setup lang="ts">
import { ref } from 'vue'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import LotStoreFacts from './LotStoreFacts.vue'
import StoreCheck from './StoreCheck.vue'
import StoreDetails from './StoreDetails.vue'
import StoreDraw from './StoreDraw.vue'

/** A lot while it lies in the store: what is left, how it keeps, which bags a sample is drawn from. */
const props = defineProps<{ lotId: number }>()
const store = useLoad(
  () => answer(api.GET('/api/lots/{id}/store', { params: { path: { id: props.lotId } } })),
  () => props.lotId,
)
const open = ref<'details' | 'check' | 'draw'>()
const toggle = (what: typeof open.value) => (open.value = open.value === what ? undefined : what)

async function kept() {
  open.value = undefined
  await store.reload()
}
</script>

<template>
  <section class="card store">
    <div class="head">
      <h2 class="label">In the store</h2>
      <span class="spacer" />
      <v-btn variant="text" @click="toggle('details')">Farm, bags, price, sold</v-btn>
      <v-btn variant="text" @click="toggle('draw')">Draw bags</v-btn>
      <v-btn variant="outlined" @click="toggle('check')">Measured again</v-btn>
    </div>
    <PageState
      :loading="store.loading.value"
      :failure="store.failure.value"
      :there="!!store.data.value"
      @retry="store.reload"
    >
      <template v-if="store.data.value">
        <LotStoreFacts :store="store.data.value" />
        <StoreDetails v-if="open === 'details'" :store="store.data.value" @kept="kept" />
        <StoreCheck v-if="open === 'check'" :lot-id="lotId" @kept="kept" />
        <StoreDraw v-if="open === 'draw'" :store="store.data.value" @kept="kept" />
      </template>
    </PageState>
  </section>
</template>

<style scoped>
.store {
  margin: 14px 0;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.spacer {
  flex: 1;
}
.store p {
  margin: 3px 0;
}
</style>
