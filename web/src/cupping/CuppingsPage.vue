<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { moment, plural, roastName } from '@/shared/format/text'
import LayTable from './LayTable.vue'
import { BLIND, KINDS } from './laying'
import { useWho } from '@/shared/who'
import { verdictCounts } from './triage'

/** Roasts that wait for the table, and the cuppings that were. */
const route = useRoute()
const who = useWho()
const roasts = useLoad(() => answer(api.GET('/api/roasts')))
const cuppings = useLoad(() => answer(api.GET('/api/cuppings')))
const chosen = [route.query.roast ?? []].flat().map(Number).filter(Number.isInteger)
const name = (roastId: number) => {
  const r = roasts.data.value?.find((o) => o.id === roastId)
  return r ? roastName(r) : `roast ${roastId}`
}
const waiting = computed(() => {
  // a line on an offer is no cupping yet
  const sheeted = new Set(
    (cuppings.data.value ?? [])
      .filter((c) => c.kind !== 'triage')
      .flatMap((c) => c.sheets.map((s) => s.roastId)),
  )
  return (roasts.data.value ?? []).map((r) => r.id).filter((id) => !sheeted.has(id))
})

/** What stood on a table, or that nobody may know yet. */
function on(c: Schemas['CuppingView']): string {
  const kind = c.kind === 'scoring' ? '' : `${c.kind}: `
  if (!c.told) {
    return `${kind}${plural(c.samples.length, 'coded sample')}, not revealed`
  }
  const what = c.samples.map((s) =>
    [s.roastId ? name(s.roastId) : (s.outside?.name ?? s.code), s.treatment].filter(Boolean).join(', '),
  )
  return kind + (what.join('; ') || 'no sample')
}
function scores(c: Schemas['CuppingView']): string {
  if (c.kind === 'triangle') {
    return `${c.sets.length - c.unfinished} of ${plural(c.sets.length, 'set')} answered`
  }
  if (c.kind === 'roast-off') {
    return plural(c.ranked.length, c.choice === 'best' ? 'vote' : 'order')
  }
  if (c.kind === 'triage' && c.told) {
    return verdictCounts(c.sheets)
  }
  const given = c.sheets.flatMap((s) => s.finalScore ?? [])
  if (c.told && new Set(c.sheets.map((s) => s.form)).size > 1) {
    return `${plural(given.length, 'sheet')} on two forms`
  }
  if (c.told && given.length > c.samples.length) {
    return `${Math.min(...given).toFixed(2)} to ${Math.max(...given).toFixed(2)}`
  }
  return c.told
    ? c.sheets.map((s) => s.finalScore?.toFixed(2) ?? 'half filled').join(', ') || 'not begun'
    : `${c.progress.filter((p) => p.unscored === 0).length} of ${plural(c.progress.length, 'sheet')} scored`
}
</script>

<template>
  <div class="page-head">
    <h1>Cupping</h1>
    <span class="quiet">choose the samples for the table, or open an earlier one</span>
    <span class="spacer" />
    <v-btn v-if="who.cups" variant="text" to="/cupping/cuppers">Cuppers</v-btn>
    <v-btn variant="outlined" to="/cupping/house">Our words, scales and lines</v-btn>
  </div>
  <PageState
    :loading="cuppings.loading.value"
    :failure="roasts.failure.value ?? cuppings.failure.value"
    :there="!!cuppings.data.value && !!roasts.data.value"
    @retry="(roasts.reload(), cuppings.reload())"
  >
    <LayTable
      v-if="who.prepares"
      :roasts="roasts.data.value ?? []"
      :waiting="waiting"
      :chosen="chosen"
      :asked-kind="KINDS.find((k) => k.value === route.query.kind)?.value"
      :asked-blind="BLIND.find((b) => b.value === route.query.blind)?.value"
    />
    <h2 class="mt-6 mb-2">Earlier</h2>
    <p v-if="cuppings.data.value?.length === 0" class="quiet">None yet.</p>
    <div v-else class="card table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>Cupped</th>
            <th>Samples</th>
            <th class="num">Cups</th>
            <th class="num">Score</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="c in cuppings.data.value" :key="c.id">
            <td>{{ moment(c.cuppedAt) }}</td>
            <td>
              <router-link :to="`/cupping/${c.id}`">{{ on(c) }}</router-link>
            </td>
            <td class="num">{{ c.kind === 'scoring' ? c.cups : '' }}</td>
            <td class="num">
              {{ scores(c) }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </PageState>
</template>
