<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { clock, one } from '@/shared/format/text'
import { degree, shownDifference, shownRate, shownTemperature, rateUnit } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'

/** The figures of a roast, and beside them what this roaster usually does. */
const props = defineProps<{ analysis: Schemas['AnalysisView']; machine: string; process: string }>()
const preferences = usePreferences()

const phases = computed(() =>
  (['drying', 'browning', 'development'] as const).map((name) => ({ name, phase: props.analysis[name] })),
)

/** What the environment probe read; nothing where there is none. */
const environment = computed(() => {
  const e = props.analysis.environment
  const rows: [string, number | undefined][] = [
    ['environment, peak', e.peakC],
    ['environment at dry end', e.dryEndC],
    ['environment at first crack', e.firstCrackC],
    ['environment at drop', e.dropC],
  ]
  const known = rows
    .filter(([, c]) => c !== undefined)
    .map(([name, c]) => [name, preferences.temperatureText(c!)])
  return e.gapAtDropC === undefined
    ? known
    : [...known, ['environment above the beans at drop', preferences.differenceText(e.gapAtDropC)]]
})

const figures = computed(() => {
  const a = props.analysis
  const u = preferences.units
  const rate = (v: number | undefined) =>
    v === undefined ? 'not known' : `${one(shownRate(v, u))} ${rateUnit(u)}`
  return [
    ['rate of rise, peak', rate(a.rorPeakCPerMin)],
    ['a minute before first crack', rate(a.rorBeforeCrackCPerMin)],
    ['at first crack', rate(a.rorAtFirstCrackCPerMin)],
    ['at drop', rate(a.rorAtDropCPerMin)],
    [
      'risen in development',
      a.developmentRiseC === undefined
        ? 'not known'
        : `${one(shownDifference(a.developmentRiseC, u))} ${degree(u)}`,
    ],
    ['total', a.totalS === undefined ? 'not known' : clock(a.totalS)],
    ...environment.value,
  ]
})

const reference = computed(() => {
  const r = props.analysis.reference
  const a = props.analysis
  const u = preferences.units
  const row = (
    name: string,
    band: Schemas['BandView'],
    mine: number | undefined,
    shown: (v: number) => string,
  ) => ({
    name,
    mine: mine === undefined ? '–' : shown(mine),
    usual: band.learned
      ? `${shown(band.median!)} in ${band.roasts} roasts`
      : `not yet learned (${band.roasts} of ${band.needed})`,
    off: band.learned && mine !== undefined && Math.abs(mine - band.median!) > 2 * band.spread!,
  })
  const temperature = (v: number) => `${one(shownTemperature(v, u))} ${degree(u)}`
  return [
    row('charge', r.chargeC, a.chargeC, temperature),
    row('turning point', r.turningPointS, a.turningPoint?.timeS, clock),
    row('turning point', r.turningPointC, a.turningPoint?.beanC, temperature),
    row('environment at drop', r.environmentDropC, a.environment.dropC, temperature),
    row('peak rate of rise', r.peakCPerMin, a.rorPeakCPerMin, (v) => one(shownRate(v, u))),
  ]
})
</script>

<template>
  <div class="panels">
    <section>
      <h2>Phases</h2>
      <table class="plain">
        <thead>
          <tr>
            <th>Phase</th>
            <th class="num">Time</th>
            <th class="num">Share</th>
            <th class="num">Rise</th>
            <th class="num">Mean rate</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ name, phase } in phases" :key="name">
            <td>{{ name }}</td>
            <template v-if="phase">
              <td class="num">{{ clock(phase.toS - phase.fromS) }}</td>
              <td class="num">{{ phase.sharePct === undefined ? '–' : `${phase.sharePct.toFixed(1)} %` }}</td>
              <td class="num">{{ preferences.differenceText(phase.riseC) }}</td>
              <td class="num">{{ one(shownRate(phase.meanRorCPerMin, preferences.units)) }}</td>
            </template>
            <td v-else colspan="4" class="quiet num">an event is missing</td>
          </tr>
        </tbody>
      </table>
    </section>
    <section>
      <h2>Figures</h2>
      <table class="plain">
        <tbody>
          <tr v-for="[name, value] in figures" :key="name">
            <td>{{ name }}</td>
            <td class="num">
              <b>{{ value }}</b>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
    <section>
      <h2>Usual on {{ machine }}, {{ process }}</h2>
      <table class="plain">
        <thead>
          <tr>
            <th scope="col"><span class="d-sr-only">Figure</span></th>
            <th class="num">This roast</th>
            <th class="num">Usual</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(r, i) in reference" :key="i">
            <td>{{ r.name }}</td>
            <td class="num" :class="{ ember: r.off }">
              <b>{{ r.mine }}</b>
            </td>
            <td class="num quiet">{{ r.usual }}</td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
.panels {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 14px 32px;
}
td {
  padding: 6px 8px !important;
}
</style>
