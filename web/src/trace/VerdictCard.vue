<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, problemAt, type Failure, type Schemas } from '@/shared/api/client'
import { moment } from '@/shared/format/text'

/** What the lead holds of the cup, beside what the program says; what was held before stays to be read. */
const props = defineProps<{ trace: Schemas['TraceView'] }>()
const emit = defineEmits<{ given: [] }>()

const causes = computed(() => [
  ...[...props.trace.findings, ...props.trace.folded].map((f) => ({ value: f.cause, title: f.label })),
  { value: 'none', title: 'none of the causes' },
])
const cause = ref<string>()
const reason = ref('')
const asking = ref(false)
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
      params: { path: { id: props.trace.roastId } },
      body: { cause: cause.value, reason: reason.value },
    }),
  )
  sending.value = false
  failure.value = result.failure
  if (!result.failure) {
    asking.value = false
    reason.value = ''
    emit('given')
  }
}
</script>

<template>
  <section class="card">
    <div class="head">
      <h2 class="label">Your own verdict</h2>
      <v-btn v-if="!asking" variant="outlined" size="small" @click="asking = true">
        {{ trace.verdicts.length ? 'Change it' : 'Give one' }}
      </v-btn>
    </div>
    <ul v-if="trace.verdicts.length" class="given">
      <li v-for="(v, i) in trace.verdicts" :key="v.at" :class="{ quiet: i > 0 }">
        <b>{{ v.label }}</b>: {{ v.reason }}
        <span class="quiet">{{ i > 0 ? 'before, ' : '' }}{{ v.by }}, {{ moment(v.at) }}</span>
      </li>
    </ul>
    <p v-else-if="!asking" class="quiet">
      None yet. What you know of it is kept beside what the program says.
    </p>
    <form v-if="asking" class="ask" @submit.prevent="give">
      <v-select v-model="cause" :items="causes" label="It was" :error-messages="problem('cause') ?? []" />
      <v-text-field v-model="reason" label="Why, in a word" :error-messages="problem('reason') ?? []" />
      <p class="buttons">
        <v-btn type="submit" color="primary" :disabled="!cause">Keep it</v-btn>
        <v-btn variant="text" @click="asking = false">Not now</v-btn>
      </p>
    </form>
    <p v-if="failure && !failure.problems.length" class="ember" role="alert">{{ failure.message }}</p>
  </section>
</template>

<style scoped>
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
.given {
  list-style: none;
  padding: 0;
  margin-top: 6px;
}
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
