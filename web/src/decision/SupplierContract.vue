<script setup lang="ts">
import { ref } from 'vue'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import ContractForm from './ContractForm.vue'
import { agreed, type Terms } from './contract'

/** What every lot of a supplier begins with. */
const props = defineProps<{ name: string }>()
const params = () => ({ path: { name: props.name } })
const terms = useLoad(
  () => answer(api.GET('/api/suppliers/{name}/contract', { params: params() })),
  () => props.name,
)
const open = ref(false)
const keep = (body: Terms) => api.PUT('/api/suppliers/{name}/contract', { params: params(), body })

async function kept() {
  open.value = false
  await terms.reload()
}
</script>

<template>
  <section class="card">
    <h2>What every lot of theirs begins with</h2>
    <PageState
      :loading="terms.loading.value"
      :failure="terms.failure.value"
      :there="!!terms.data.value"
      @retry="terms.reload"
    >
      <template v-if="terms.data.value">
        <p v-if="agreed(terms.data.value).length">{{ agreed(terms.data.value).join(' · ') }}</p>
        <p v-else class="quiet">Nothing was agreed: the house's own limits hold.</p>
        <v-btn v-if="!open" variant="text" @click="open = true"
          >{{ agreed(terms.data.value).length ? 'Change' : 'Enter' }} what was agreed</v-btn
        >
        <ContractForm
          v-else
          :draft-key="`supplier.${name}`"
          :terms="terms.data.value"
          :keep="keep"
          @kept="kept"
        />
      </template>
    </PageState>
  </section>
</template>
