<script setup lang="ts">
import { ref, watch } from 'vue'
import { answer, api, problemAt, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import NumberField from '@/shared/components/NumberField.vue'
import PageState from '@/shared/components/PageState.vue'

/** What was agreed for a lot; what is left empty is its supplier's, and without that the house's own limits hold. */
const props = defineProps<{ lotId: number; supplier?: string }>()
const emit = defineEmits<{ kept: [] }>()
const contract = useLoad(
  () => answer(api.GET('/api/lots/{id}/contract', { params: { path: { id: props.lotId } } })),
  () => props.lotId,
)
type Terms = Schemas['ContractTerms']
const POINTS: { field: keyof Terms; label: string; unit?: string; whole?: boolean }[] = [
  { field: 'scoreFloor', label: 'Score, at least' },
  { field: 'mostMoisturePct', label: 'Moisture, at most', unit: '%' },
  { field: 'mostCategory1', label: 'Full defects, category 1', whole: true },
  { field: 'mostCategory2', label: 'Full defects, category 2', whole: true },
  { field: 'mostBelowScreenPct', label: 'Below the screen, at most', unit: '%' },
  { field: 'daysToApprove', label: 'Approved within', unit: 'days', whole: true },
]
const terms = ref<Terms>({})
const open = ref(false)
const sending = ref(false)
const failure = ref<Failure>()
watch(contract.data, (c) => {
  if (c && !open.value) {
    terms.value = { ...c.own }
  }
})
const agreed = (t: Terms) =>
  POINTS.filter((p) => t[p.field] !== undefined).map(
    (p) => `${p.label} ${t[p.field]}${p.unit ? ` ${p.unit}` : ''}`,
  )

async function keep() {
  if (sending.value) {
    return
  }
  sending.value = true
  const result = await answer(
    api.PUT('/api/lots/{id}/contract', { params: { path: { id: props.lotId } }, body: terms.value }),
  )
  sending.value = false
  failure.value = result.failure
  if (!result.failure) {
    open.value = false
    await contract.reload()
    emit('kept')
  }
}
</script>

<template>
  <div class="contract">
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
        <v-btn v-if="!open" variant="text" @click="open = true">Enter what was agreed</v-btn>
        <form v-else @submit.prevent="keep">
          <NumberField
            v-for="p in POINTS"
            :key="p.field"
            v-model="terms[p.field]"
            :label="p.label"
            :unit="p.unit"
            :whole="p.whole"
            :hint="
              contract.data.value.supplier[p.field] === undefined
                ? ''
                : `${contract.data.value.supplier[p.field]} with this supplier`
            "
            :problem="problemAt(failure, p.field)"
          />
          <p v-if="failure && !failure.problems.length" class="ember" role="alert">{{ failure.message }}</p>
          <v-btn type="submit" color="primary" :loading="sending">Keep the contract</v-btn>
        </form>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 10px;
}
</style>
