<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import { clock } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'

/** What a roaster usually does with coffees of one process, by its own accepted roasts, and how that has drifted. */
const props = defineProps<{ reference: Schemas['ProcessReferenceView'] }>()
const preferences = usePreferences()

type Bands = Schemas['ReferenceView']
const ROWS: [keyof Bands, string, 'temperature' | 'time' | 'rate'][] = [
  ['chargeC', 'charge', 'temperature'],
  ['turningPointS', 'turning point at', 'time'],
  ['turningPointC', 'turning point', 'temperature'],
  ['dryEndC', 'dry end', 'temperature'],
  ['firstCrackC', 'first crack', 'temperature'],
  ['peakCPerMin', 'peak rise', 'rate'],
]
function value(kind: string, v: number) {
  return kind === 'time'
    ? clock(v)
    : kind === 'rate'
      ? preferences.rateText(v)
      : preferences.temperatureText(v)
}
function spread(kind: string, v: number) {
  return kind === 'time'
    ? `${v.toFixed(1)} s`
    : kind === 'rate'
      ? preferences.rateText(v)
      : preferences.differenceText(v)
}
function drift(field: string, kind: string) {
  const d = props.reference.drifts.find((x) => x.figure === field)
  if (!d?.judged) {
    return 'too few roasts, or too short a time'
  }
  if (!d.beyondChance) {
    return 'steady'
  }
  return `${d.perMonth < 0 ? '−' : '+'}${spread(kind, Math.abs(d.perMonth))} a month`
}
const drifting = (field: string) => props.reference.drifts.find((x) => x.figure === field)?.beyondChance
</script>

<template>
  <section class="card table-scroll" :aria-label="`${reference.process} coffees`">
    <h2>{{ reference.process }} coffees</h2>
    <table class="plain">
      <thead>
        <tr>
          <th>figure</th>
          <th class="num">usual</th>
          <th class="num">spread</th>
          <th class="num">roasts</th>
          <th>over the months</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="[field, label, kind] in ROWS" :key="field">
          <td>{{ label }}</td>
          <template v-if="reference.bands[field].learned">
            <td class="num">
              <b>{{ value(kind, reference.bands[field].median!) }}</b>
            </td>
            <td class="num">±{{ spread(kind, reference.bands[field].spread!) }}</td>
            <td class="num">{{ reference.bands[field].roasts }}</td>
            <td :class="drifting(field) ? 'ember' : 'quiet'">{{ drift(field, kind) }}</td>
          </template>
          <td v-else colspan="4" class="quiet">
            not yet learned: {{ reference.bands[field].roasts }} of
            {{ reference.bands[field].needed }} accepted roasts; a house default stands in
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
h2 {
  margin-bottom: 4px;
}
h2::first-letter {
  text-transform: uppercase;
}
td {
  padding-top: 5px;
  padding-bottom: 5px;
}
</style>
