<script setup lang="ts">
import { ref } from 'vue'
import { api, type Schemas } from '@/shared/api/client'
import { useSend } from '@/shared/api/useSend'
import NumberField from '@/shared/components/NumberField.vue'
import { useDraft } from '@/shared/kept/useDraft'

/** Where a lot comes from, how it was bought, and what was sold of it. */
const props = defineProps<{ store: Schemas['StoreView'] }>()
const emit = defineEmits<{ kept: [] }>()
const details = ref<Schemas['StoreEntry']>({ ...props.store.details })
const draft = useDraft(`store.${props.store.lotId}`, details, props.store.version)
const { sending, problem, said, send } = useSend()

async function keep() {
  const { taken } = await send(() =>
    api.PUT('/api/lots/{id}/store', {
      params: { path: { id: props.store.lotId } },
      body: { ...details.value, version: draft.madeFrom },
    }),
  )
  if (taken) {
    draft.done()
    emit('kept')
  }
}
</script>

<template>
  <form class="fields" @submit.prevent="keep">
    <v-text-field v-model="details.farm" label="Farm" />
    <v-text-field v-model="details.variety" label="Variety" />
    <v-text-field v-model="details.processDetail" label="Process, in detail" />
    <NumberField v-model="details.bags" label="Bags" whole :problem="problem('bags')" />
    <NumberField v-model="details.price" label="Price for a kilo" :problem="problem('price')" />
    <v-text-field v-model="details.currency" label="Currency" placeholder="EUR" />
    <NumberField v-model="details.soldKg" label="Sold green" unit="kg" :problem="problem('soldKg')" />
    <v-btn type="submit" color="primary" :loading="sending">Keep it</v-btn>
    <p v-if="said()" class="ember" role="alert">{{ said() }}</p>
  </form>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 10px;
  align-items: start;
  margin-top: 10px;
}
</style>
