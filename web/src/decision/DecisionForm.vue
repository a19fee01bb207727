<script setup lang="ts">
import { ref } from 'vue'
import { api, type Schemas } from '@/shared/api/client'
import { useSend } from '@/shared/api/useSend'
import { useDraft } from '@/shared/kept/useDraft'
import { choicesOf } from '@/shared/format/words'

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
const draft = useDraft(`decision.${props.decision.lotId}`, form, props.decision.version)
const { sending, problem, said, send } = useSend()
const LATER = ['hold', 'roast-again', 'undecided']

async function decide() {
  const body = { ...form.value, dueOn: form.value.dueOn || undefined, version: draft.madeFrom }
  const { taken } = await send(() =>
    api.PUT('/api/lots/{id}/decision', { params: { path: { id: props.decision.lotId } }, body }),
  )
  if (taken) {
    draft.done()
    emit('decided')
  }
}
</script>

<template>
  <form class="decide" @submit.prevent="decide">
    <v-select
      v-model="form.outcome"
      :items="choicesOf('Outcome')"
      label="Decide"
      :error-messages="problem('outcome')"
    />
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
    <p v-if="said()" class="ember" role="alert">{{ said() }}</p>
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
