<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useElementSize, useLocalStorage, useWindowSize } from '@vueuse/core'
import { answer, api, type Schemas } from '@/shared/api/client'
import type { BandPoint } from '@/shared/chart/band'
import type { ExtraLine } from '@/shared/chart/options'
import RoastChart from '@/shared/chart/RoastChart.vue'
import { clock, signed } from '@/shared/format/text'
import { degree, rateUnit, shownDifference, shownRate, shownTemperature } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'
import BigFigure from './BigFigure.vue'
import OutlookCards from './OutlookCards.vue'
import { between, curveOf, type Columns } from './columns'
import { liveAnalysis } from './liveAnalysis'

/** The roast while it happens: large figures, the curve over its plan, what is coming. */
const props = defineProps<{
  state: Schemas['DeskState']
  columns: Columns
  band?: BandPoint[]
  planned?: Schemas['CurveView']
  roasts: Schemas['RoastView'][]
  /** Whether the warning that stands was seen here. */
  seen?: boolean
}>()
const emit = defineEmits<{ later: []; seen: []; done: [control: string, value: number] }>()
const preferences = usePreferences()
const u = computed(() => preferences.units)
const { height: windowHeight, width: windowWidth } = useWindowSize()
const box = ref<HTMLElement>()
const { width } = useElementSize(box)

const REDRAW_MS = 90
const SPAN_S = 660

// the figures follow each reading; the curve too, but no more often than ten times a second
const drawn = shallowRef(curveOf(props.columns, props.state.zeroS))
const shown = shallowRef(props.state)
let last = 0
watch(
  () => props.columns,
  () => {
    const now = performance.now()
    if (now - last >= REDRAW_MS || last > now) {
      last = now
      drawn.value = curveOf(props.columns, props.state.zeroS)
      shown.value = props.state
    }
  },
)

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

const compareId = useLocalStorage<number | null>('barrowmist.desk.compare', null)
const compared = shallowRef<Schemas['CurveView']>()
watch(
  compareId,
  async (id) => {
    compared.value =
      id === null
        ? undefined
        : (await answer(api.GET('/api/roasts/{id}/curve', { params: { path: { id } } }))).data
  },
  { immediate: true },
)
const extra = computed<ExtraLine[]>(() => {
  const lines: ExtraLine[] = []
  if (compared.value) {
    lines.push({ pane: 'temperature', series: compared.value.beanC })
    lines.push({ pane: 'ror', series: compared.value.rorCPerMin })
  }
  const o = shown.value.outlook
  if (o) {
    lines.push({ pane: 'temperature', dashed: true, series: { timeS: o.aheadTimeS, value: o.aheadBeanC } })
  }
  return lines
})
const span = computed(() => {
  const end = Math.max(shown.value.outlook?.dropS?.value ?? 0, shown.value.nowS) + 30
  return { fromS: 0, toS: Math.max(SPAN_S, Math.ceil(end / 30) * 30) }
})
const analysis = computed(() => liveAnalysis(shown.value))
const events = computed(() =>
  shown.value.entries.filter((e) => e.kind !== 'note' && e.kind !== 'gas' && e.kind !== 'air'),
)
// so that the figures, what is to be done and the bar are on the screen together with it
const height = computed(() =>
  windowWidth.value <= 1000
    ? Math.max(300, windowHeight.value - 830)
    : Math.max(360, windowHeight.value - 306),
)
const options = computed(() => [
  { title: 'no other roast', value: null },
  ...props.roasts.map((r) => ({ title: `${r.lotName}, roast ${r.number}`, value: r.id })),
])
</script>

<template>
  <div class="roasting">
    <div class="figures" aria-live="off">
      <BigFigure :label="`bean ${degree(u)}`" :value="bean" :note="againstPlan" />
      <BigFigure :label="`rate of rise ${rateUnit(u)}`" :value="ror" :note="rorNote" tone="log" />
      <BigFigure label="time" :value="clock(state.nowS)" :note="phaseNote" small />
      <BigFigure
        :label="`environment ${degree(u)}`"
        :value="environment"
        :note="
          [
            f.gasPct === undefined ? '' : `gas ${f.gasPct} %`,
            f.airflowPct === undefined ? '' : `air ${f.airflowPct} %`,
          ]
            .filter(Boolean)
            .join(' · ')
        "
        tone="quiet"
        small
      />
    </div>
    <div ref="box" class="card chart">
      <RoastChart
        v-if="width > 0"
        :curve="drawn"
        :analysis="analysis"
        :events="events"
        :band="band"
        :extra="extra"
        :span="span"
        :height="height"
        :readable="false"
      />
      <label class="compare">
        <span class="quiet">beside</span>
        <select v-model="compareId">
          <option v-for="o in options" :key="o.value ?? 0" :value="o.value">{{ o.title }}</option>
        </select>
      </label>
    </div>
    <OutlookCards
      :state="state"
      :seen="seen"
      @seen="emit('seen')"
      @later="emit('later')"
      @done="(control: string, value: number) => emit('done', control, value)"
    />
  </div>
</template>

<style scoped>
.roasting {
  display: grid;
  grid-template-columns: 236px minmax(0, 1fr) 264px;
  gap: 16px;
  align-items: start;
}
.figures {
  display: grid;
  gap: 12px;
}
.chart {
  padding: 8px 10px;
}
.compare {
  display: flex;
  justify-content: flex-end;
  align-items: center;
  gap: 8px;
}
.compare select {
  min-height: 36px;
  padding: 0 8px;
  color: var(--ink);
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 4px;
}
/* what is to be done stands right under the figures, what is coming beside what was */
@media (max-width: 1000px) {
  .roasting {
    grid-template-columns: 1fr 1fr;
  }
  .roasting > :deep(.cards) {
    display: contents;
  }
  .figures,
  .chart,
  .roasting :deep(.to-do) {
    grid-column: 1 / -1;
  }
  .figures {
    grid-template-columns: repeat(4, 1fr);
  }
  .chart {
    order: 1;
  }
  .roasting :deep(.knowing) {
    order: 2;
    align-self: stretch;
  }
}
@media (max-width: 600px) {
  .figures {
    grid-template-columns: 1fr 1fr;
  }
  .roasting :deep(.knowing) {
    grid-column: 1 / -1;
  }
}
</style>
