<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, problemAt, type Failure } from '@/shared/api/client'
import { useDraft } from '@/shared/kept/useDraft'

/** A verdict while it is written; half typed, it waits for whoever leaves the page and comes back. */
const props = defineProps<{
  roastId: number
  causes: { value: string; title: string }[]
  /** Nothing else is on the page that one could go back to. */
  only?: boolean
}>()
const emit = defineEmits<{ given: []; left: [] }>()

const form = ref<{ cause?: string; reason: string }>({ reason: '' })
const draft = useDraft(`verdict.${props.roastId}`, form)
const sending = ref(false)
const failure = ref<Failure>()
const problem = (field: string) => problemAt(failure.value, field)

async function give() {
  if (sending.value) {
    return
  }
  sending.value = true
  const result = await answer(
    api.PUT('/api/roasts/{id}/trace/verdict', {
      params: { path: { id: props.roastId } },
      body: form.value,
    }),
  )
  sending.value = false
  failure.value = result.failure
  if (!result.failure) {
    draft.done()
    emit('given')
  }
}

function leave() {
  draft.done()
  emit('left')
}
</script>

<template>
  <form class="ask" @submit.prevent="give">
    <v-select v-model="form.cause" :items="causes" label="It was" :error-messages="problem('cause') ?? []" />
    <v-text-field v-model="form.reason" label="Why, in a word" :error-messages="problem('reason') ?? []" />
    <p class="buttons">
      <v-btn type="submit" color="primary" :disabled="!form.cause">Keep it</v-btn>
      <v-btn v-if="!only" variant="text" @click="leave">Not now</v-btn>
    </p>
    <p v-if="failure && !failure.problems.length" class="ember" role="alert">{{ failure.message }}</p>
  </form>
</template>

<style scoped>
.ask {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.4fr);
  gap: 8px 12px;
  margin-top: 10px;
}
.buttons {
  grid-column: 1 / -1;
}
@media (max-width: 640px) {
  .ask {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
