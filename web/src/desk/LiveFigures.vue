<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { clock, signed } from '@/shared/format/text'
import { degree, rateUnit, shownDifference, shownRate, shownTemperature } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'
import { useControls } from '@/shared/useControls'
import BigFigure from './BigFigure.vue'
import { between } from './columns'

/** The large figures, each held against the plan. */
const props = defineProps<{ state: Schemas['DeskState']; planned?: Schemas['CurveView'] }>()
const preferences = usePreferences()
const scale = useControls()
const u = computed(() => preferences.units)
const f = computed(() => props.state.figures)
const number = (v: number | undefined, to: (n: number) => number) =>
  v === undefined ? '–' : to(v).toFixed(1)
const bean = computed(() => number(f.value.beanC, (c) => shownTemperature(c, u.value)))
const environment = computed(() => number(f.value.environmentC, (c) => shownTemperature(c, u.value)))
const ror = computed(() => number(f.value.rorCPerMin, (c) => shownRate(c, u.value)))

const againstPlan = computed(() => {
  const wanted = props.planned && between(props.planned.beanC, props.state.nowS)
  if (wanted === undefined || f.value.beanC === undefined || !props.state.turning) {
    return ''
  }
  const off = shownDifference(f.value.beanC - wanted, u.value)
  return Math.abs(off) < 0.05 ? 'on plan' : `${Math.abs(off).toFixed(1)} ${off > 0 ? 'over' : 'under'} plan`
})
const rorNote = computed(() => {
  if (f.value.rorCPerMin === undefined) {
    return props.state.turning ? '' : 'from the turning point on'
  }
  const wanted = props.planned && between(props.planned.rorCPerMin, props.state.nowS)
  const plan = wanted === undefined ? '' : `plan ${shownRate(wanted, u.value).toFixed(1)}, `
  const change = f.value.rorChangePer30s
  return change === undefined
    ? plan.replace(/, $/, '')
    : `${plan}${signed(shownRate(change, u.value))} each 30 s`
})
const phaseNote = computed(() =>
  f.value.phase && f.value.phaseS !== undefined
    ? `${f.value.phase} ${clock(f.value.phaseS)} · ${Math.round(f.value.phasePct ?? 0)} %`
    : '',
)
const controls = computed(() =>
  [
    f.value.gasPct === undefined ? '' : `gas ${scale.text('gas', f.value.gasPct)}`,
    f.value.airflowPct === undefined ? '' : `air ${scale.text('air', f.value.airflowPct)}`,
  ]
    .filter(Boolean)
    .join(' · '),
)
</script>

<template>
  <div class="figures" aria-live="off">
    <BigFigure :label="`bean ${degree(u)}`" :value="bean" :note="againstPlan" />
    <BigFigure :label="`rate of rise ${rateUnit(u)}`" :value="ror" :note="rorNote" tone="log" />
    <BigFigure label="time" :value="clock(state.nowS)" :note="phaseNote" small />
    <BigFigure :label="`environment ${degree(u)}`" :value="environment" :note="controls" tone="quiet" small />
  </div>
</template>

<style scoped>
.figures {
  display: grid;
  gap: 12px;
}
@media (max-width: 1000px) {
  .figures {
    grid-template-columns: repeat(4, 1fr);
  }
}
@media (max-width: 600px) {
  .figures {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
