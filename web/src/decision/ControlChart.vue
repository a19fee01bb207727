<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import type { Schemas } from '@/shared/api/client'
import { usePreferences } from '@/shared/preferences'
import { batchFigure } from './batchFigures'
import { labelOf } from '@/shared/format/words'

/** One figure over the batches: each value, the weighted mean, the limits of chance, and the tolerance that is asked for. */
const props = defineProps<{ chart: Schemas['ChartView']; titles: Record<number, string> }>()
const preferences = usePreferences()
const box = ref<HTMLElement>()
const { width } = useElementSize(box)
const HEIGHT = 170
const LEFT = 64
const RIGHT = 118
const TOP = 10
const BOTTOM = 12
/** With more batches than this, only those that say something are dotted. */
const DOTTED = 400

const range = computed(() => {
  const c = props.chart
  const low = Math.min(c.target - c.tolerance, c.lower ?? Infinity)
  const high = Math.max(c.target + c.tolerance, c.upper ?? -Infinity)
  const room = (high - low || 1) * 0.25
  // what lies further off is drawn at the edge with its value: one such batch would press all others flat
  return { low: low - room, high: high + room }
})
const x = (i: number) =>
  LEFT + (i / Math.max(1, props.chart.points.length - 1)) * (width.value - LEFT - RIGHT)
const inside = (at: number) => Math.max(TOP, Math.min(HEIGHT - BOTTOM, at))
const y = (v: number) =>
  inside(TOP + (1 - (v - range.value.low) / (range.value.high - range.value.low)) * (HEIGHT - TOP - BOTTOM))
const path = (of: (p: Schemas['ControlChartPoint']) => number) =>
  props.chart.points.map((p, i) => `${i ? 'L' : 'M'}${x(i).toFixed(1)} ${y(of(p)).toFixed(1)}`).join('')
const signalled = computed(() => {
  const out = new Map<number, string>()
  for (const s of props.chart.signals) {
    const why = labelOf('ControlChartRule', s.rule)
    out.set(s.roastId, out.has(s.roastId) ? `${out.get(s.roastId)}; ${why}` : why)
  }
  return out
})
const beyond = (v: number) => v > range.value.high || v < range.value.low
const dots = computed(() =>
  props.chart.points
    .map((p, i) => ({ ...p, i, why: signalled.value.get(p.roastId) }))
    .filter((p) => p.why || props.chart.points.length <= DOTTED),
)
const shown = (v: number) => batchFigure(v, props.chart.unit, preferences.units)
const lines = computed(() => {
  const c = props.chart
  const all = [{ at: c.target, name: 'target', kind: 'target' }]
  if (c.centre !== undefined && c.lower !== undefined && c.upper !== undefined) {
    all.push(
      { at: c.upper, name: 'upper limit', kind: 'limit' },
      { at: c.lower, name: 'lower limit', kind: 'limit' },
    )
  }
  // names that would cover each other stand apart
  const rows = all.map((l) => ({ ...l, text: y(l.at) + 4 })).sort((a, b) => a.text - b.text)
  for (let i = 1; i < rows.length; i++) {
    rows[i]!.text = Math.max(rows[i]!.text, rows[i - 1]!.text + 16)
  }
  return rows
})
</script>

<template>
  <div ref="box">
    <svg
      v-if="width > 0 && chart.points.length"
      :width="width"
      :height="HEIGHT"
      role="group"
      :aria-label="`${chart.label} of ${chart.points.length} batches. ${chart.text}`"
    >
      <rect
        class="tolerance"
        :x="LEFT"
        :y="y(chart.target + chart.tolerance)"
        :width="Math.max(0, width - LEFT - RIGHT)"
        :height="y(chart.target - chart.tolerance) - y(chart.target + chart.tolerance)"
      />
      <g v-for="l in lines" :key="l.name" :class="l.kind">
        <line :x1="LEFT" :x2="width - RIGHT" :y1="y(l.at)" :y2="y(l.at)" />
        <text :x="LEFT - 8" :y="l.text" text-anchor="end" class="tabular">{{ shown(l.at) }}</text>
        <text :x="width - RIGHT + 8" :y="l.text">{{ l.name }}</text>
      </g>
      <path class="values" :d="path((p) => p.value)" />
      <path class="mean" :d="path((p) => p.mean)" />
      <a v-for="d in dots" :key="d.roastId" :href="`/roast/${d.roastId}`">
        <title>{{ titles[d.roastId] }}: {{ shown(d.value) }}{{ d.why ? ` – ${d.why}` : '' }}</title>
        <circle :class="{ signal: d.why }" :cx="x(d.i)" :cy="y(d.value)" :r="d.why ? 5 : 2.6" />
        <text v-if="beyond(d.value)" :x="x(d.i) + 9" :y="y(d.value) + 4" class="tabular">
          {{ shown(d.value) }}
        </text>
      </a>
    </svg>
  </div>
</template>

<style scoped>
.tolerance {
  fill: color-mix(in srgb, var(--moss) 14%, transparent);
}
.target line {
  stroke: var(--moss);
}
.limit line {
  stroke: var(--ink-2);
  stroke-dasharray: 6 4;
}
text {
  fill: var(--ink-2);
  font-size: 13px;
}
.values {
  fill: none;
  stroke: color-mix(in srgb, var(--log) 45%, transparent);
  stroke-width: 1;
}
.mean {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
circle {
  fill: var(--log);
}
circle.signal {
  fill: var(--paper);
  stroke: var(--ember);
  stroke-width: 2.5;
}
</style>
