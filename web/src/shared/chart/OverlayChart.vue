<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { clock } from '@/shared/format/text'
import { degree, rateUnit, shownRate, shownTemperature } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'
import type { Curve, Series } from './series'

/** Bean curves and rates of rise of several roasts, each with its own colour and its own dashes. */
const props = defineProps<{ lines: { name: string; curve: Curve; shiftS: number }[]; height: number }>()
const preferences = usePreferences()
const u = computed(() => preferences.units)
const box = ref<HTMLElement>()
const { width } = useElementSize(box)

const LEFT = 46
const RIGHT = 12
const GAP = 30
const AXIS = 24
const COLOURS = ['--log', '--cup', '--green', '--bench', '--time', '--ink']
const DASHES = ['', '8 4', '2 4', '10 3 2 3', '4 4', '1 3']

const panes = computed(() => {
  const free = props.height - GAP - AXIS - 16
  return {
    bean: { top: 16, height: free * 0.62 },
    ror: { top: 16 + free * 0.62 + GAP, height: free * 0.38 },
  }
})
const range = computed(() => {
  const all = props.lines.flatMap((l) => {
    const t = l.curve.beanC.timeS
    return t.length ? [Math.max(t[0]!, 0) + l.shiftS, t[t.length - 1]! + l.shiftS] : []
  })
  return { from: Math.min(...all), to: Math.max(...all) }
})
const x = (t: number) =>
  LEFT +
  ((t - range.value.from) / Math.max(1, range.value.to - range.value.from)) * (width.value - LEFT - RIGHT)
const bounds = (values: number[], step: number) => ({
  low: Math.floor(Math.min(...values) / step) * step,
  high: Math.ceil(Math.max(...values) / step) * step,
})
const beans = computed(() =>
  bounds(
    props.lines.flatMap((l) => l.curve.beanC.value.map((v) => shownTemperature(v, u.value))),
    50,
  ),
)
const rors = computed(() => ({
  low: 0,
  high: bounds(
    props.lines.flatMap((l) => l.curve.rorCPerMin.value.map((v) => shownRate(v, u.value))),
    10,
  ).high,
}))
function path(
  s: Series,
  shiftS: number,
  to: (v: number) => number,
  b: { low: number; high: number },
  pane: { top: number; height: number },
) {
  let pen = 'M'
  let last = -Infinity
  return s.timeS
    .map((t, i) => {
      if (t < 0) {
        return ''
      }
      pen = t - last > 15 ? 'M' : 'L'
      last = t
      const y = pane.top + pane.height * (1 - (to(s.value[i]!) - b.low) / (b.high - b.low))
      return `${pen}${x(t + shiftS).toFixed(1)} ${Math.min(pane.top + pane.height, y).toFixed(1)}`
    })
    .join('')
}
const drawn = computed(() =>
  props.lines.map((l, i) => ({
    name: l.name,
    colour: `var(${COLOURS[i % COLOURS.length]})`,
    dash: DASHES[i % DASHES.length],
    bean: path(l.curve.beanC, l.shiftS, (v) => shownTemperature(v, u.value), beans.value, panes.value.bean),
    ror: path(l.curve.rorCPerMin, l.shiftS, (v) => shownRate(v, u.value), rors.value, panes.value.ror),
  })),
)
const ticks = (b: { low: number; high: number }, step: number) =>
  Array.from({ length: Math.floor((b.high - b.low) / step) + 1 }, (_, i) => b.low + i * step)
const minutes = computed(() => {
  const first = Math.ceil(range.value.from / 60) * 60
  return Array.from({ length: Math.floor((range.value.to - first) / 60) + 1 }, (_, i) => first + i * 60)
})
const yOf = (v: number, b: { low: number; high: number }, pane: { top: number; height: number }) =>
  pane.top + pane.height * (1 - (v - b.low) / (b.high - b.low))
</script>

<template>
  <div ref="box">
    <svg
      v-if="width > 0 && lines.length"
      :width="width"
      :height="height"
      role="img"
      aria-label="Roasts laid over each other"
    >
      <g class="grid">
        <template v-for="v in ticks(beans, 50)" :key="`b${v}`">
          <line
            :x1="LEFT"
            :x2="width - RIGHT"
            :y1="yOf(v, beans, panes.bean)"
            :y2="yOf(v, beans, panes.bean)"
          />
          <text :x="LEFT - 8" :y="yOf(v, beans, panes.bean) + 4" text-anchor="end">{{ v }}</text>
        </template>
        <template v-for="v in ticks(rors, 10)" :key="`r${v}`">
          <line :x1="LEFT" :x2="width - RIGHT" :y1="yOf(v, rors, panes.ror)" :y2="yOf(v, rors, panes.ror)" />
          <text :x="LEFT - 8" :y="yOf(v, rors, panes.ror) + 4" text-anchor="end">{{ v }}</text>
        </template>
        <text v-for="m in minutes" :key="`m${m}`" :x="x(m)" :y="height - 6" text-anchor="middle">
          {{ clock(m) }}
        </text>
        <text :x="LEFT" y="11">bean {{ degree(u) }}</text>
        <text :x="LEFT" :y="panes.ror.top - 8">rate of rise {{ rateUnit(u) }}</text>
      </g>
      <g v-for="l in drawn" :key="l.name" fill="none" :stroke="l.colour" :stroke-dasharray="l.dash">
        <path :d="l.bean" stroke-width="2" />
        <path :d="l.ror" stroke-width="1.6" />
      </g>
    </svg>
    <ul class="legend">
      <li v-for="l in drawn" :key="l.name">
        <svg width="34" height="10" aria-hidden="true">
          <line x1="0" x2="34" y1="5" y2="5" :stroke="l.colour" :stroke-dasharray="l.dash" stroke-width="3" />
        </svg>
        {{ l.name }}
      </li>
    </ul>
  </div>
</template>

<style scoped>
.grid line {
  stroke: var(--line);
}
.grid text {
  fill: var(--ink-2);
  font-size: 13px;
}
.legend {
  list-style: none;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 22px;
}
.legend li {
  display: flex;
  align-items: center;
  gap: 8px;
}
</style>
