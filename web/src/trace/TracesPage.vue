<script setup lang="ts">
import { computed } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { moment, roastName } from '@/shared/format/text'
import { likely } from './odds'
import { STANDINGS } from './standings'

const traces = useLoad(() => answer(api.GET('/api/traces')))
const rows = computed(() => [...(traces.data.value ?? [])].sort((a, b) => rank(a) - rank(b)))
const rank = (t: { settled: boolean; standing?: string }) =>
  t.settled ? 3 : said(t.standing) ? 0 : t.standing === 'to-watch' ? 1 : 2
const said = (standing?: string) => standing === 'supported' || standing === 'unexplained'
const finding = (t: Schemas['TraceRow']) =>
  t.label && t.standing !== 'unlikely'
    ? said(t.standing)
      ? `${likely(t.probability ?? 0)} ${t.label}`
      : t.label
    : 'nothing found'
</script>

<template>
  <div class="page-head">
    <h1>Trace</h1>
    <span class="quiet">cupped roasts, and what their taste traces back to</span>
    <span class="spacer" />
    <v-btn variant="text" to="/trace/patterns">What we learned</v-btn>
    <v-btn variant="text" to="/trace/record">How often right</v-btn>
    <v-btn variant="text" to="/trace/rules">The rules</v-btn>
  </div>
  <PageState
    :loading="traces.loading.value"
    :failure="traces.failure.value"
    :there="!!traces.data.value"
    :empty="rows.length === 0"
    @retry="traces.reload"
  >
    <template #empty><p>Nothing to trace yet: finish a cupping sheet first.</p></template>
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
            <td>{{ finding(trace) }}</td>
            <td :class="{ ember: trace.standing === 'supported' && !trace.settled }">
              {{
                trace.settled
                  ? 'done with'
                  : trace.standing && trace.standing !== 'unlikely'
                    ? STANDINGS[trace.standing]
                    : ''
              }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </PageState>
</template>
