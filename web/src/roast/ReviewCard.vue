<script setup lang="ts">
import { computed, watch } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { eventLabel } from '@/shared/chart/events'
import { clock, moment } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import { foretold, foretoldAt } from '@/shared/format/outlook'
import { figureText, spreadText, type Figure } from '@/plan/plan'

/** A roast looked back at: against its plan, what was lost, how good the outlook was, what was corrected. */
const props = defineProps<{ roastId: number; again: unknown }>()
const preferences = usePreferences()
const review = useLoad(() =>
  answer(api.GET('/api/roasts/{id}/review', { params: { path: { id: props.roastId } } })),
)
watch(() => props.again, review.reload)
const r = computed(() => review.data.value)
const unit = (u: string) => u as Figure['unit']

function off(row: Schemas['ReviewRow']): string {
  if (row.off === undefined) {
    return 'never came'
  }
  const by = spreadText(Math.abs(row.off), unit(row.unit), preferences).replace('±', '').trim()
  const side = row.unit === 'seconds' ? (row.off > 0 ? 'late' : 'early') : row.off > 0 ? 'over' : 'under'
  return row.inside ? 'in' : `out, ${by} ${side}`
}
function checkText(p: Schemas['PredictionCheck']): string {
  const seconds = p.figure !== 'rorAtFirstCrackCPerMin'
  const text = (v: number) => (seconds ? clock(v) : preferences.rateText(v))
  const came = p.came === undefined ? 'it never came' : `it came at ${text(p.came)}`
  return `${foretold(p.figure)} predicted for ${text(p.expected)} ${foretoldAt(p.from)}; ${came}`
}
/** Gaps by their reason: each is named while there are few, and all of them are counted. */
const NAMED = 4
const gaps = computed(() => {
  const by = new Map<string, Schemas['JournalLineGap'][]>()
  for (const g of r.value?.desk?.gaps ?? []) {
    by.set(g.reason, [...(by.get(g.reason) ?? []), g])
  }
  return [...by].map(([reason, list]) => {
    const lostS = list.reduce((sum, g) => sum + g.toS - g.fromS, 0)
    const named = list.slice(0, NAMED).map((g) => `${clock(g.fromS)} to ${clock(g.toS)}`)
    const more = list.length > NAMED ? ` and ${list.length - NAMED} more` : ''
    return `no readings ${named.join(', ')}${more}, ${clock(lostS)} in all: ${reason}`
  })
})
const warnings = computed(() => [...(r.value?.desk?.warnings ?? [])].sort((a, b) => a.timeS - b.timeS))
const quiet = computed(() => !r.value || (!r.value.rows.length && !r.value.desk && !r.value.history.length))
</script>

<template>
  <div v-if="r && !quiet" class="card mt-4 review">
    <section v-if="r.rows.length">
      <h2>
        Against its plan
        <router-link class="plain small" :to="`/plan/${r.planId}`">the plan</router-link>
      </h2>
      <table class="plain">
        <thead>
          <tr>
            <th>figure</th>
            <th class="num">planned</th>
            <th class="num">came</th>
            <th><span class="d-sr-only">against the plan</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in r.rows" :key="row.figure">
            <td>{{ row.label }}</td>
            <td class="num">
              {{ figureText(row.planned, unit(row.unit), preferences) }}
              <span class="quiet">{{ spreadText(row.tolerance, unit(row.unit), preferences) }}</span>
            </td>
            <td class="num">
              <b>{{
                row.actual === undefined ? '–' : figureText(row.actual, unit(row.unit), preferences)
              }}</b>
            </td>
            <td :class="row.inside ? 'quiet' : 'ember'">{{ off(row) }}</td>
          </tr>
        </tbody>
      </table>
    </section>
    <section v-if="r.desk">
      <h2>At the desk</h2>
      <ul>
        <li v-for="g in gaps" :key="g" class="ember">{{ g }}</li>
        <li v-if="r.desk.refused">{{ r.desk.refused }} implausible readings were dropped</li>
        <li v-for="n in r.desk.notes" :key="n.timeS">
          <b>{{ clock(n.timeS) }}</b> {{ n.text }}
        </li>
        <li v-for="w in warnings" :key="w.kind">
          <b>{{ clock(w.timeS) }}</b> warned: {{ w.kind.replace('-', ' ') }}
        </li>
        <li v-for="p in r.desk.predictions" :key="p.from + p.figure" class="quiet">{{ checkText(p) }}</li>
      </ul>
    </section>
    <section v-if="r.history.length">
      <h2>Corrections</h2>
      <ul>
        <li v-for="(h, i) in r.history" :key="i">
          {{ moment(h.at) }}: {{ eventLabel(h.kind) }}
          {{
            h.toS === undefined
              ? `removed from ${clock(h.fromS ?? 0)}`
              : h.fromS === undefined
                ? `marked at ${clock(h.toS)}`
                : `moved from ${clock(h.fromS)} to ${clock(h.toS)}`
          }}
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.review {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 28px;
}
ul {
  list-style: none;
  padding: 0;
}
li {
  padding: 3px 0;
}
.small {
  font-size: 0.9rem;
  font-family: var(--sans);
}
</style>
