<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, problemAt, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { useDraft } from '@/shared/kept/useDraft'
import { plural } from '@/shared/format/text'
import BeforeCup from './BeforeCup.vue'
import RuleHistory from './RuleHistory.vue'
import RuleRow from './RuleRow.vue'
import WhatIfCard from './WhatIfCard.vue'
import { vFocus } from '@/shared/keyboard/vFocus'

/** Every figure that the traces and the decisions on lots go by: looked up, tried on past findings, and changed with a reason. */
const rules = useLoad(() => answer(api.GET('/api/rules')))
const sought = ref('')
/** Half made, they wait here for whoever leaves the page and comes back. */
const form = ref<{ edits: Record<string, number>; reason: string }>({ edits: {}, reason: '' })
useDraft('trace-rules', form)
const asked = useRoute().query
// what a pattern has offered is laid ready: to be tried, not kept
if (typeof asked.rule === 'string' && Number.isFinite(Number(asked.value))) {
  form.value.edits[asked.rule] = Number(asked.value)
  form.value.reason = typeof asked.why === 'string' ? asked.why : form.value.reason
}
const failure = ref<Failure>()
const tried = ref<Schemas['RulesWhatIf']>()
const sending = ref(false)

const MOST_SHOWN = 60
const found = computed(() => {
  const words = sought.value.toLowerCase().split(/\s+/).filter(Boolean)
  const all = rules.data.value?.rules ?? []
  const edited = (r: Schemas['RuleView']) => r.name in form.value.edits
  const meant = (r: Schemas['RuleView']) =>
    words.every((w) => `${r.text} ${r.name} ${r.station}`.toLowerCase().includes(w))
  return [...all.filter(edited), ...all.filter((r) => !edited(r) && meant(r))]
})
const changes = computed(() => Object.entries(form.value.edits).map(([name, value]) => ({ name, value })))
const text = (name: string) => rules.data.value?.rules.find((r) => r.name === name)?.text ?? name

function set(rule: Schemas['RuleView'], value: number) {
  if (value === rule.value) {
    delete form.value.edits[rule.name]
  } else {
    form.value.edits[rule.name] = value
  }
  tried.value = undefined
}

async function tryThem() {
  sending.value = true
  const result = await answer(api.POST('/api/rules/what-if', { body: { changes: changes.value } }))
  sending.value = false
  failure.value = result.failure
  tried.value = result.data
}

async function keep() {
  if (sending.value) {
    return
  }
  sending.value = true
  const result = await answer(
    api.PUT('/api/rules', {
      body: { version: rules.data.value?.version, reason: form.value.reason, changes: changes.value },
    }),
  )
  sending.value = false
  failure.value = result.failure
  if (!result.failure) {
    form.value = { edits: {}, reason: '' }
    tried.value = undefined
    await rules.reload()
  }
}
</script>

<template>
  <div class="page-head">
    <h1>Rules</h1>
    <span v-if="rules.data.value" class="quiet"
      >version {{ rules.data.value.version }} · {{ rules.data.value.rules.length }} figures, house defaults
      until you change them</span
    >
    <span class="spacer" />
    <v-btn variant="text" to="/trace">To the traces</v-btn>
  </div>
  <PageState
    :loading="rules.loading.value"
    :failure="rules.failure.value"
    :there="!!rules.data.value"
    @retry="rules.reload"
  >
    <div class="rules">
      <section class="card">
        <v-text-field
          v-model="sought"
          v-focus
          label="Find a figure"
          placeholder="charge, quakers, the word flat, decision …"
          class="mb-3"
          clearable
        />
        <table class="plain">
          <thead>
            <tr>
              <th>Figure</th>
              <th class="num">Value</th>
              <th>Unit</th>
              <th class="num">Began at</th>
            </tr>
          </thead>
          <tbody>
            <RuleRow
              v-for="r in found.slice(0, MOST_SHOWN)"
              :key="r.name"
              :rule="r"
              :edited="form.edits[r.name]"
              @set="set(r, $event)"
            />
          </tbody>
        </table>
        <p v-if="found.length > MOST_SHOWN" class="quiet">
          {{ plural(found.length - MOST_SHOWN, 'figure') }} more: say more of what you seek.
        </p>
        <p v-else-if="found.length === 0" class="quiet">No figure is called so.</p>
      </section>
      <div class="side">
        <section class="card">
          <h2 class="label">Your changes</h2>
          <p v-if="!changes.length" class="quiet">None yet. Type another value on the left.</p>
          <ul v-else class="changes">
            <li v-for="c in changes" :key="c.name">
              {{ text(c.name) }}: <b>{{ c.value }}</b>
            </li>
          </ul>
          <template v-if="changes.length">
            <v-btn variant="outlined" :loading="sending && !tried" @click="tryThem">What would change?</v-btn>
            <WhatIfCard v-if="tried" :what-if="tried" />
            <v-text-field
              v-model="form.reason"
              class="mt-3"
              label="Why, in a word"
              :error-messages="problemAt(failure, 'reason') ?? []"
            />
            <v-btn class="mt-2" color="primary" :disabled="!tried || sending" @click="keep">Keep them</v-btn>
            <p v-if="!tried" class="quiet">First look what they would change.</p>
          </template>
          <p v-if="failure && !problemAt(failure, 'reason')" class="ember" role="alert">
            {{ failure.problems[0]?.message ?? failure.message }}
          </p>
        </section>
        <BeforeCup />
        <RuleHistory
          v-if="rules.data.value?.history.length"
          :history="rules.data.value.history"
          :text="text"
        />
      </div>
    </div>
  </PageState>
</template>

<style scoped>
.rules {
  display: grid;
  grid-template-columns: minmax(0, 1.7fr) minmax(280px, 1fr);
  gap: 16px;
  align-items: start;
}
.side {
  display: grid;
  gap: 16px;
}
.changes {
  list-style: none;
  padding: 0;
  margin: 6px 0 12px;
  display: grid;
  gap: 6px;
}
@media (max-width: 900px) {
  .rules {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
