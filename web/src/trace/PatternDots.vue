<script setup lang="ts">
import { computed } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { figure } from './patterns'

/** Every cup along one figure: those that are called so above, the others below, and where the two part. */
const props = defineProps<{ machineId: number; cause: Schemas['Cause']; pattern: Schemas['PatternView'] }>()
const points = useLoad(() => {
  const { machineId, cause } = props
  return answer(
    api.GET('/api/patterns/points', {
      params: { query: { machineId, cause, metric: props.pattern.metric } },
    }),
  )
})
const WIDTH = 720
const EDGE = 90
const range = computed(() => {
  const all = (points.data.value ?? []).map((p) => p.value)
  const low = Math.min(...all, props.pattern.lower ?? Infinity)
  const high = Math.max(...all, props.pattern.upper ?? -Infinity)
  const wide = high - low || 1
  // a count does not go below none
  return { low: low >= 0 ? Math.max(0, low - 0.04 * wide) : low - 0.04 * wide, high: high + 0.04 * wide }
})
const x = (value: number) =>
  EDGE + ((value - range.value.low) / (range.value.high - range.value.low)) * (WIDTH - EDGE - 10)
/** Dots of one kind lie a little apart, so that like ones are seen as several. */
const dots = (called: boolean) =>
  (points.data.value ?? [])
    .filter((p) => p.called === called)
    .map((p, i) => ({ x: x(p.value), y: (called ? 20 : 52) + ((i * 7) % 5) * 3 - 6, id: p.roastId }))
const unit = computed(() => props.pattern.unit)
</script>

<template>
  <svg
    v-if="points.data.value?.length"
    class="dots"
    :viewBox="`0 0 ${WIDTH} 86`"
    role="img"
    :aria-label="`${pattern.called} cups called so and ${pattern.n - pattern.called} others along the figure`"
  >
    <rect
      v-if="pattern.lower !== undefined && pattern.upper !== undefined"
      class="interval"
      :x="x(pattern.lower)"
      y="6"
      :width="Math.max(1, x(pattern.upper) - x(pattern.lower))"
      height="60"
    />
    <line
      v-if="pattern.threshold !== undefined"
      class="threshold"
      :x1="x(pattern.threshold)"
      :x2="x(pattern.threshold)"
      y1="4"
      y2="68"
    />
    <text x="0" y="24">called so</text>
    <text x="0" y="56">others</text>
    <circle v-for="d in dots(false)" :key="d.id" class="other" :cx="d.x" :cy="d.y" r="4" />
    <circle v-for="d in dots(true)" :key="d.id" class="called" :cx="d.x" :cy="d.y" r="4.5" />
    <text v-if="pattern.threshold !== undefined" class="at" :x="x(pattern.threshold)" y="82">
      {{ figure(pattern.threshold) }}{{ unit ? ` ${unit}` : '' }}
    </text>
    <text :x="EDGE" y="82">{{ figure(range.low) }}</text>
    <text class="end" :x="WIDTH - 10" y="82">{{ figure(range.high) }}</text>
  </svg>
</template>

<style scoped>
.dots {
  width: 100%;
  max-width: 900px;
  display: block;
  margin-top: 6px;
}
.dots text {
  font-size: 13px;
  fill: currentcolor;
}
.at {
  text-anchor: middle;
  font-weight: 600;
}
.end {
  text-anchor: end;
}
.interval {
  fill: var(--line);
  opacity: 0.7;
}
.threshold {
  stroke: currentcolor;
  stroke-width: 1.5;
}
.called {
  fill: var(--ember);
}
.other {
  fill: none;
  stroke: currentcolor;
  opacity: 0.6;
}
</style>
