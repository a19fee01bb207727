<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { choicesOf, type Code } from '@/shared/format/words'
import { useDraft } from '@/shared/kept/useDraft'

/** Before the roasts are tasted: what is this green? */
const props = defineProps<{ id: number; cupper: string; before?: Schemas['GuessEntry'] }>()
const emit = defineEmits<{ kept: [] }>()
const guess = ref<{ origin: string; process?: Code<'Process'> }>({
  origin: props.before?.origin ?? '',
  process: props.before?.process,
})
const draft = useDraft(`guess.${props.id}.${props.cupper}`, guess)
const failure = ref<Failure>()
const kept = ref(!!props.before)
const empty = computed(() => !guess.value.origin.trim() && !guess.value.process)
async function keep() {
  const result = await answer(
    api.POST('/api/cuppings/{id}/guesses', {
      params: { path: { id: props.id } },
      body: { cupper: props.cupper, ...guess.value } as Schemas['GuessEntry'],
    }),
  )
  failure.value = result.failure
  if (result.data) {
    kept.value = true
    draft.done()
    emit('kept')
  }
}
</script>

<template>
  <details class="card guess" :open="!kept">
    <summary>
      <h2>What is this green?</h2>
      <span class="quiet">{{
        kept ? 'kept; told at the reveal' : 'look at it and smell it, if you like to guess'
      }}</span>
    </summary>
    <form class="fields" @submit.prevent="!empty && keep()">
      <v-text-field
        v-model="guess.origin"
        label="Where from"
        maxlength="120"
        hide-details
        autocomplete="off"
      />
      <v-select
        v-model="guess.process"
        :items="choicesOf('Process')"
        label="Process"
        clearable
        hide-details
      />
      <v-btn type="submit" variant="outlined" :disabled="empty">{{
        kept ? 'Guess again' : 'Keep my guess'
      }}</v-btn>
    </form>
    <p v-if="failure" class="ember" role="alert">{{ failure.problems[0]?.message ?? failure.message }}</p>
  </details>
</template>

<style scoped>
.guess {
  margin-bottom: 14px;
}
summary {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: baseline;
  min-height: 44px;
  cursor: pointer;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  padding-top: 10px;
}
.fields .v-input {
  flex: 1 1 200px;
  max-width: 320px;
}
</style>
