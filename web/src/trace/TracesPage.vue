<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import NumberField from '@/shared/components/NumberField.vue'
import PageState from '@/shared/components/PageState.vue'
import { moment, roastName } from '@/shared/format/text'
import { choicesOf, type Code, labelOf } from '@/shared/format/words'
import RenewalNote from './RenewalNote.vue'
import { found, said } from './standings'

const sought = ref<{ word?: string; cause?: Code<'Cause'>; least?: number; most?: number }>({})
const seeking = computed(() => {
  const { word, cause, least, most } = sought.value
  return { word: word?.trim() || undefined, cause: cause || undefined, least, most }
})
const asks = computed(() => Object.values(seeking.value).some((v) => v !== undefined))
const traces = useLoad(
  () => answer(api.GET('/api/traces', { params: { query: seeking.value } })),
  () => JSON.stringify(seeking.value),
)
const rows = computed(() => [...(traces.data.value ?? [])].sort((a, b) => rank(a) - rank(b)))
const rank = (t: { settled: boolean; standing?: string; judgeFirst: boolean }) =>
  t.settled ? 3 : t.judgeFirst || said(t.standing) ? 0 : t.standing === 'to-watch' ? 1 : 2
</script>

<template>
  <div class="page-head">
    <h1>Trace</h1>
    <span class="quiet">cupped roasts, and what their taste traces back to</span>
    <span class="spacer" />
    <v-btn variant="text" to="/trace/patterns">What we learned</v-btn>
    <v-btn variant="text" to="/trace/over-time">Over time</v-btn>
    <v-btn variant="text" to="/trace/record">How often right</v-btn>
    <v-btn variant="text" to="/trace/rules">The rules</v-btn>
  </div>
  <div class="sought">
    <v-text-field v-model="sought.word" label="Tasted of" placeholder="ashy" clearable hide-details />
    <v-select v-model="sought.cause" :items="choicesOf('Cause')" label="Comes from" clearable hide-details />
    <NumberField v-model="sought.least" label="Score from" />
    <NumberField v-model="sought.most" label="to" />
  </div>
  <RenewalNote @done="traces.reload" />
  <PageState
    :loading="traces.loading.value"
    :failure="traces.failure.value"
    :there="!!traces.data.value"
    :empty="rows.length === 0"
    @retry="traces.reload"
  >
    <template #empty
      ><p>{{ asks ? 'No cup was so.' : 'Nothing to trace yet: finish a cupping sheet first.' }}</p></template
    >
    <div class="card table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>Roast</th>
            <th>Roasted</th>
            <th class="num">Score</th>
            <th>Strongest finding</th>
            <th>Standing</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="trace in rows" :key="trace.roastId">
            <td>
              <router-link :to="`/trace/${trace.roastId}`">{{ roastName(trace) }}</router-link>
              <span class="quiet"> · {{ trace.process }}</span>
            </td>
            <td>{{ moment(trace.roastedAt) }}</td>
            <td class="num">{{ trace.finalScore?.toFixed(2) ?? '–' }}</td>
            <td>{{ found(trace) }}</td>
            <td :class="{ ember: trace.standing === 'supported' && !trace.settled }">
              {{
                trace.settled
                  ? 'done with'
                  : trace.standing && trace.standing !== 'unlikely'
                    ? labelOf('FindingStanding', trace.standing as Code<'FindingStanding'>)
                    : ''
              }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </PageState>
</template>

<style scoped>
.sought {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 260px)) repeat(2, minmax(0, 130px));
  gap: 12px;
  margin-bottom: 14px;
}
@media (max-width: 640px) {
  .sought {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
