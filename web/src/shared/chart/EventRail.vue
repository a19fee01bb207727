<script setup lang="ts">
import { computed, ref } from 'vue'
import { clock } from '@/shared/format/text'
import { railRows, type TimeScale } from './geometry'
import { eventLabel, type Marked } from './events'

/** Events along the top of a chart. Where it may be edited, each can be dragged, or moved and removed by keys. */
const props = defineProps<{
  events: Marked[]
  scale: TimeScale
  top: number
  bottom: number
  editable: boolean
}>()
const emit = defineEmits<{ move: [kind: string, timeS: number]; remove: [kind: string] }>()

const LABEL_PX_PER_LETTER = 7
const STEP_S = 1
const LONG_STEP_S = 10

const dragged = ref<{ kind: string; timeS: number }>()
const placed = computed(() => {
  const shown = props.events
    .map((e) => ({ ...e, timeS: dragged.value?.kind === e.kind ? dragged.value.timeS : e.timeS }))
    .sort((a, b) => a.timeS - b.timeS)
  const labels = shown.map((e) => `${eventLabel(e.kind)} ${clock(e.timeS)}`)
  const xs = shown.map((e) => props.scale.x(e.timeS))
  const widths = labels.map((l) => l.length * LABEL_PX_PER_LETTER + 14)
  // a label that would leave the chart stands to the left of its line
  const right = props.scale.x(props.scale.toS)
  const flipped = xs.map((x, i) => x + widths[i]! > right + 10)
  const rows = railRows(
    xs.map((x, i) => (flipped[i] ? x - widths[i]! : x)),
    widths,
  )
  return shown.map((e, i) => ({ ...e, label: labels[i]!, x: xs[i]!, row: rows[i]!, flipped: flipped[i]! }))
})

function onKey(event: KeyboardEvent, kind: string, timeS: number) {
  const step = event.shiftKey ? LONG_STEP_S : STEP_S
  if (event.key === 'ArrowLeft' || event.key === 'ArrowRight') {
    event.preventDefault()
    event.stopPropagation()
    emit('move', kind, timeS + (event.key === 'ArrowRight' ? step : -step))
  } else if (event.key === 'Delete' || event.key === 'Backspace') {
    event.preventDefault()
    emit('remove', kind)
  }
}

function onDown(event: PointerEvent, kind: string, timeS: number) {
  if (props.editable) {
    const target = event.currentTarget as HTMLElement
    target.setPointerCapture(event.pointerId)
    dragged.value = { kind, timeS }
  }
}

function onDrag(event: PointerEvent) {
  const chart = (event.currentTarget as HTMLElement).closest('.roast-chart')
  if (dragged.value && chart) {
    const timeS = Math.round(props.scale.timeS(event.clientX - chart.getBoundingClientRect().left))
    dragged.value = { ...dragged.value, timeS }
  }
}

function onUp(timeS: number | undefined) {
  const end = dragged.value
  dragged.value = undefined
  if (end && timeS !== undefined && end.timeS !== timeS) {
    emit('move', end.kind, end.timeS)
  }
}

const original = (kind: string) => props.events.find((e) => e.kind === kind)?.timeS
</script>

<template>
  <div class="rail">
    <template v-for="e in placed" :key="e.kind + (e.kind === 'pop' ? e.timeS : '')">
      <div
        class="line"
        :style="{ left: `${e.x}px`, top: `${top + e.row * 22}px`, height: `${bottom - top - e.row * 22}px` }"
      />
      <component
        :is="editable && e.kind !== 'pop' ? 'button' : 'span'"
        class="event"
        :class="{ flipped: e.flipped, moved: e.movedFromS !== undefined }"
        :style="{ left: `${e.x}px`, top: `${top + e.row * 22}px` }"
        :role="editable && e.kind !== 'pop' ? 'slider' : undefined"
        :aria-label="editable && e.kind !== 'pop' ? eventLabel(e.kind) : undefined"
        :aria-valuemin="editable && e.kind !== 'pop' ? Math.round(scale.fromS) : undefined"
        :aria-valuemax="editable && e.kind !== 'pop' ? Math.round(scale.toS) : undefined"
        :aria-valuenow="editable && e.kind !== 'pop' ? Math.round(e.timeS) : undefined"
        :aria-valuetext="editable && e.kind !== 'pop' ? `${clock(e.timeS)}` : undefined"
        @keydown="onKey($event, e.kind, e.timeS)"
        @pointerdown="onDown($event, e.kind, e.timeS)"
        @pointermove="onDrag"
        @pointerup="onUp(original(e.kind))"
        @pointercancel="dragged = undefined"
        >{{ e.label }}</component
      >
    </template>
  </div>
</template>

<style scoped>
.rail {
  position: absolute;
  inset: 0;
  pointer-events: none;
}
.line {
  position: absolute;
  width: 0;
  border-left: 1px dashed color-mix(in srgb, var(--ink-2) 55%, transparent);
}
.event {
  position: absolute;
  height: 20px;
  line-height: 20px;
  padding: 0 5px;
  font-size: 0.8125rem;
  color: var(--ink);
  white-space: nowrap;
  background: var(--card);
  border: 0 solid var(--ink);
  border-left-width: 2px;
}
button.event {
  pointer-events: auto;
  cursor: ew-resize;
  touch-action: none;
}
button.event::after {
  content: '';
  position: absolute;
  inset: -12px -4px;
}
.flipped {
  transform: translateX(-100%);
  border-left-width: 0;
  border-right-width: 2px;
}
.moved {
  font-style: italic;
}
</style>
