<script setup lang="ts">
import { ref } from 'vue'
import { useSend } from '@/shared/api/useSend'
import NumberField from '@/shared/components/NumberField.vue'
import { useDraft } from '@/shared/kept/useDraft'
import { POINTS, type Terms } from './contract'

/** What was agreed, to be entered; what is left empty is not agreed here. */
const props = defineProps<{
  /** Under which name half-typed terms wait for whoever comes back. */
  draftKey: string
  terms: Terms
  /** What holds where a field is left empty. */
  otherwise?: Terms
  keep: (terms: Terms) => ReturnType<Parameters<ReturnType<typeof useSend>['send']>[0]>
}>()
const emit = defineEmits<{ kept: [] }>()
const form = ref<Terms>({ ...props.terms })
const draft = useDraft(`contract.${props.draftKey}`, form, props.terms.version)
const { sending, problem, said, send } = useSend()
const hint = (field: (typeof POINTS)[number]['field']) =>
  props.otherwise?.[field] === undefined ? '' : `${props.otherwise[field]} with this supplier`

async function kept() {
  const { taken } = await send(() => props.keep({ ...form.value, version: draft.madeFrom }))
  if (taken) {
    draft.done()
    emit('kept')
  }
}
</script>

<template>
  <form @submit.prevent="kept">
    <NumberField
      v-for="p in POINTS"
      :key="p.field"
      v-model="form[p.field]"
      :label="p.label"
      :unit="p.unit"
      :whole="p.whole"
      :hint="hint(p.field)"
      :problem="problem(p.field)"
    />
    <p v-if="said()" class="ember" role="alert">{{ said() }}</p>
    <v-btn type="submit" color="primary" :loading="sending">Keep the contract</v-btn>
  </form>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 10px;
}
</style>
