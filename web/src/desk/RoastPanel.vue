<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useElementSize, useWindowSize } from '@vueuse/core'
import type { Schemas } from '@/shared/api/client'
import type { BandPoint } from '@/shared/chart/band'
import type { ExtraLine } from '@/shared/chart/options'
import RoastChart from '@/shared/chart/RoastChart.vue'
import LiveFigures from './LiveFigures.vue'
import OutlookCards from './OutlookCards.vue'
import { curveOf, type Columns } from './columns'
import { liveAnalysis } from './liveAnalysis'
import { useBeside } from './useBeside'

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

const { compareId, compared, options } = useBeside(() => props.roasts)
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
</script>

<template>
  <div class="roasting">
    <LiveFigures :state="state" :planned="planned" />
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
  .roasting :deep(.figures),
  .chart,
  .roasting :deep(.to-do) {
    grid-column: 1 / -1;
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
  .roasting :deep(.knowing) {
    grid-column: 1 / -1;
  }
}
</style>
