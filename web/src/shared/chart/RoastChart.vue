<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useElementSize } from '@vueuse/core'
import VChart from 'vue-echarts'
import { use } from 'echarts/core'
import { LineChart } from 'echarts/charts'
import { GridComponent } from 'echarts/components'
import { SVGRenderer } from 'echarts/renderers'
import type { Schemas } from '@/shared/api/client'
import type { Marked } from './events'
import { degree, rateUnit } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'
import EventRail from './EventRail.vue'
import FaultBrackets from './FaultBrackets.vue'
import PhaseRuler from './PhaseRuler.vue'
import { layout, TimeScale } from './geometry'
import { sideOfRorName } from './paneNames'
import { bandPath, type BandPoint } from './band'
import { chartOption, lanesOf, temperatureBounds, type ExtraLine } from './options'
import type { Curve } from './series'
import { useChartColours } from './useChartColours'
import { useCursor } from './useCursor'
import { useReadout } from './useReadout'

use([LineChart, GridComponent, SVGRenderer])

/** The roast chart: phase ruler, events, temperatures, rate of rise with its faults, control lanes. */
const props = withDefaults(
  defineProps<{
    curve: Curve
    analysis: Schemas['AnalysisView']
    events: Marked[]
    height?: number
    editable?: boolean
    /** A stretch to light, s since charge. */
    lit?: { fromS: number; toS: number }
    /** A tolerance band about the bean curve: its outline, °C by s since charge. */
    band?: BandPoint[]
    /** Further lines: what is expected, or other roasts. */
    extra?: ExtraLine[]
    /** The stretch of time to show, s since charge; the whole roast without it. */
    span?: { fromS: number; toS: number }
    /** Whether there is a line that reads the chart at a time. */
    readable?: boolean
  }>(),
  {
    height: 480,
    editable: false,
    lit: undefined,
    band: undefined,
    extra: () => [],
    span: undefined,
    readable: true,
  },
)
const emit = defineEmits<{ move: [kind: string, timeS: number]; remove: [kind: string]; laidOut: [] }>()
const cursor = defineModel<number | undefined>('cursor')

const BEFORE_CHARGE_S = 15
const AFTER_DROP_S = 12

const box = ref<HTMLElement>()
const { width } = useElementSize(box)
const preferences = usePreferences()

const shownEvents = computed(() => {
  const turning = props.analysis.turningPoint
  const marked = props.events.some((e) => e.kind === 'turning_point')
  return turning && !marked
    ? [...props.events, { kind: 'turning_point', timeS: turning.timeS }]
    : props.events
})
const range = computed(() => {
  if (props.span) {
    return props.span
  }
  const t = props.curve.beanC.timeS
  const last = t[t.length - 1] ?? 60
  const drop = props.analysis.drop?.timeS ?? last
  return { fromS: Math.max(t[0] ?? 0, -BEFORE_CHARGE_S), toS: Math.min(last, drop + AFTER_DROP_S) }
})
const lanes = computed(() => lanesOf(props.curve))
const geometry = computed(() =>
  layout(width.value, props.height, width.value < 620 ? 3 : 2, lanes.value.length),
)
const scale = computed(() => new TimeScale(geometry.value, range.value.fromS, range.value.toS))

const colours = useChartColours()

// who ties something to a place of the chart must know when places move
watch([scale, () => props.lit], () => emit('laidOut'), { flush: 'post' })

const rorNameSide = computed(() =>
  sideOfRorName(props.analysis.faults, props.lit, scale.value, geometry.value),
)
const option = computed(() =>
  chartOption(props.curve, preferences.units, geometry.value, scale.value, colours.value, props.extra),
)

const bandOutline = computed(() =>
  props.band?.length
    ? bandPath(
        props.band,
        preferences.units,
        geometry.value.temperature,
        scale.value,
        temperatureBounds(props.curve, preferences.units, props.extra),
      )
    : '',
)

const readout = useReadout(() => props.curve, cursor, lanes)

const { onPointer, onKey } = useCursor(cursor, box, scale, range)
</script>

<template>
  <div>
    <div
      ref="box"
      class="roast-chart"
      :style="{ height: `${height}px` }"
      tabindex="0"
      role="group"
      aria-label="Roast chart. Left and right arrows read it, with Shift ten seconds at a time."
      @pointermove="onPointer"
      @pointerdown="onPointer"
      @keydown="onKey"
    >
      <v-chart
        v-if="width > 0"
        :key="lanes.length"
        class="drawing"
        :option="option"
        autoresize
        :init-options="{ renderer: 'svg' }"
      />
      <svg v-if="bandOutline" class="band" aria-hidden="true"><path :d="bandOutline" /></svg>
      <PhaseRuler :analysis="analysis" :scale="scale" />
      <span
        class="pane-name"
        :style="{
          top: `${geometry.temperature.top + geometry.temperature.height - 22}px`,
          right: `${geometry.right + 4}px`,
        }"
        >bean, environment {{ degree(preferences.units) }}</span
      >
      <span class="pane-name" :style="{ top: `${geometry.ror.top - 21}px`, ...rorNameSide }"
        >rate of rise {{ rateUnit(preferences.units) }}</span
      >
      <span
        v-for="(lane, i) in lanes"
        :key="lane.name"
        class="lane-name"
        :style="{ top: `${geometry.lanes[i]!.top}px`, width: `${geometry.left - 10}px` }"
        >{{ lane.name }}</span
      >
      <div
        v-if="lit"
        class="lit"
        :style="{
          left: `${scale.x(lit.fromS)}px`,
          width: `${Math.max(6, scale.x(lit.toS) - scale.x(lit.fromS))}px`,
          top: '30px',
          height: `${geometry.ror.top + geometry.ror.height - 30}px`,
        }"
      />
      <EventRail
        :events="shownEvents"
        :scale="scale"
        :top="34"
        :bottom="geometry.ror.top + geometry.ror.height"
        :editable="editable"
        @move="(kind, timeS) => emit('move', kind, timeS)"
        @remove="(kind) => emit('remove', kind)"
      />
      <FaultBrackets
        :faults="analysis.faults"
        :scale="scale"
        :top="geometry.ror.top"
        :middle="geometry.width / 2"
      />
      <div
        v-if="cursor !== undefined"
        class="cursor"
        :style="{ left: `${scale.x(cursor)}px`, height: `${geometry.axis - 30}px` }"
      />
      <div
        v-if="lit"
        class="anchor"
        data-thread-anchor
        :style="{
          left: `${(scale.x(lit.fromS) + scale.x(lit.toS)) / 2}px`,
          top: `${geometry.ror.top - 27}px`,
        }"
      />
    </div>
    <div v-if="readable" class="readout" aria-live="polite">
      <dl v-if="readout.length">
        <div v-for="[name, value] in readout" :key="name">
          <dt>{{ name }}</dt>
          <dd>{{ value }}</dd>
        </div>
      </dl>
      <p v-else class="quiet">Point at the chart, or use the arrow keys on it, to read it.</p>
    </div>
  </div>
</template>

<style scoped src="./roastChart.css"></style>
