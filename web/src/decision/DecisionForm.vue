<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, problemAt, type Failure, type Schemas } from '@/shared/api/client'
import { useDraft } from '@/shared/kept/useDraft'
import { OUTCOMES } from './outcomes'

/** A decision while it is written; half written, it waits for whoever leaves the page and comes back. */
const props = defineProps<{ decision: Schemas['DecisionView'] }>()
const emit = defineEmits<{ decided: [] }>()

const form = ref<Schemas['DecisionEntry']>({
  outcome: props.decision.history.length
    ? (props.decision.outcome as Schemas['DecisionEntry']['outcome'])
    : undefined,
  use: props.decision.use,
  reason: '',
  dueOn: undefined,
})
const draft = useDraft(`decision.${props.decision.lotId}`, form, props.decision.history.length)
const sending = ref(false)
const failure = ref<Failure>()
const problem = (field: string) => problemAt(failure.value, field) ?? []
const LATER = ['hold', 'roast-again', 'undecided']

async function decide() {
  if (sending.value) {
    return
  }
  sending.value = true
  const body = { ...form.value, dueOn: form.value.dueOn || undefined, version: props.decision.version }
  const result = await answer(
    api.PUT('/api/lots/{id}/decision', { params: { path: { id: props.decision.lotId } }, body }),
  )
  sending.value = false
  failure.value = result.failure
  if (!result.failure) {
    draft.done()
    emit('decided')
  }
}
</script>

<template>
  <form class="decide" @submit.prevent="decide">
    <v-select v-model="form.outcome" :items="OUTCOMES" label="Decide" :error-messages="problem('outcome')" />
    <v-text-field
      v-model="form.use"
      label="Use, if it is bought"
      placeholder="single origin, filter"
      :error-messages="problem('use')"
    />
    <v-text-field
      v-if="LATER.includes(form.outcome ?? '')"
      v-model="form.dueOn"
      type="date"
      label="Look at it again on"
    />
    <v-textarea
      v-model="form.reason"
      class="why"
      label="Why, in your words"
      rows="2"
      auto-grow
      :error-messages="problem('reason')"
    />
    <p v-if="failure && !failure.problems.length" class="ember" role="alert">{{ failure.message }}</p>
    <v-btn type="submit" color="primary" :disabled="!form.outcome" :loading="sending"
      >Keep the decision</v-btn
    >
  </form>
</template>

<style scoped>
.decide {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 10px 14px;
  margin-top: 10px;
}
.why {
  grid-column: 1 / -1;
}
.decide > .v-btn {
  justify-self: start;
}
</style>
