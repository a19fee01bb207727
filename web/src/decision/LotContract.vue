<script setup lang="ts">
import { ref } from 'vue'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import ContractForm from './ContractForm.vue'
import { agreed, type Terms } from './contract'

/** What was agreed for a lot; what is left empty is its supplier's, and without that the house's own limits hold. */
const props = defineProps<{ lotId: number }>()
const emit = defineEmits<{ kept: [] }>()
const params = () => ({ path: { id: props.lotId } })
const contract = useLoad(
  () => answer(api.GET('/api/lots/{id}/contract', { params: params() })),
  () => props.lotId,
)
const open = ref(false)
const keep = (body: Terms) => api.PUT('/api/lots/{id}/contract', { params: params(), body })

async function kept() {
  open.value = false
  await contract.reload()
  emit('kept')
}
</script>

<template>
  <div>
    <h3 class="label">Contract</h3>
    <PageState
      :loading="contract.loading.value"
      :failure="contract.failure.value"
      :there="!!contract.data.value"
      @retry="contract.reload"
    >
      <template v-if="contract.data.value">
        <p v-if="agreed(contract.data.value.holds).length">
          {{ agreed(contract.data.value.holds).join(' · ') }}
        </p>
        <p v-else class="quiet">Nothing was agreed: the house's own limits hold.</p>
        <v-btn v-if="!open" variant="text" @click="open = true"
          >{{ agreed(contract.data.value.holds).length ? 'Change' : 'Enter' }} what was agreed</v-btn
        >
        <ContractForm
          v-else
          :draft-key="`lot.${lotId}`"
          :terms="contract.data.value.own"
          :otherwise="contract.data.value.supplier"
          :keep="keep"
          @kept="kept"
        />
      </template>
    </PageState>
  </div>
</template>
