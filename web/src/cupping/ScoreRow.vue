<script setup lang="ts">
import { computed, ref } from 'vue'
import { scoreAt, SCORE_FROM, SCORE_STEP, SCORE_TO, stepped } from './sheetContent'

/** One attribute: a scale from 6 to 10 in quarters, by touch, by arrow keys, or by typing the number. */
const props = defineProps<{ label: string }>()
const score = defineModel<number | undefined>({ required: true })
const typed = ref('')
let typedAt = 0

const TYPING_PAUSE_MS = 1200
const cells = Array.from(
  { length: (SCORE_TO - SCORE_FROM) / SCORE_STEP + 1 },
  (_, i) => SCORE_FROM + i * SCORE_STEP,
)
const below = computed(() => score.value !== undefined && score.value < SCORE_FROM)
const text = computed(() => (score.value === undefined ? 'not scored' : score.value.toFixed(2)))

function onKey(event: KeyboardEvent) {
  const steps: Record<string, number> = {
    ArrowRight: 1,
    ArrowUp: 1,
    ArrowLeft: -1,
    ArrowDown: -1,
    PageUp: 4,
    PageDown: -4,
  }
  const step = steps[event.key]
  if (step !== undefined) {
    event.preventDefault()
    score.value = stepped(score.value, step)
  } else if (event.key === 'Delete' || event.key === 'Backspace') {
    event.preventDefault()
    score.value = undefined
    typed.value = ''
  } else if (/^[\d.,]$/.test(event.key) && !event.ctrlKey && !event.metaKey) {
    event.preventDefault()
    type(event.key)
  }
}

/** Gathers "7", "7.5", "7.25" as they are typed; a number off the quarters goes to the nearest. */
function type(key: string) {
  const now = Date.now()
  typed.value = (now - typedAt < TYPING_PAUSE_MS ? typed.value : '') + key.replace(',', '.')
  typedAt = now
  const n = Number(typed.value)
  if (Number.isFinite(n) && n >= 0 && n <= SCORE_TO) {
    score.value = Math.round(n / SCORE_STEP) * SCORE_STEP
  }
}

/** So far a finger moves along the scale before it means the scale and not the page, px. */
const DRAG_PX = 8
let fingerAt: number | undefined
/**
 * A mouse scores where it presses. A finger may be about to scroll: it scores where it is lifted, or once it moves along
 * the scale; what becomes a scroll is cancelled by the browser and scores nothing.
 */
function onPointer(event: PointerEvent) {
  const finger = event.pointerType === 'touch'
  if (event.type === 'pointerdown') {
    fingerAt = finger ? event.clientX : undefined
  }
  const lifted = event.type === 'pointerup' && fingerAt !== undefined
  const along = fingerAt === undefined || Math.abs(event.clientX - fingerAt) > DRAG_PX
  const pressed = event.type !== 'pointerup' && event.buttons === 1 && (!finger || along)
  if (event.type === 'pointercancel' || !(lifted || pressed)) {
    fingerAt = event.type === 'pointercancel' || event.type === 'pointerup' ? undefined : fingerAt
    return
  }
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  score.value = scoreAt((event.clientX - box.left) / box.width)
  fingerAt = lifted ? undefined : fingerAt
}
</script>

<template>
  <div class="row">
    <span class="name-of">{{ props.label }}</span>
    <v-btn
      class="step"
      variant="outlined"
      tabindex="-1"
      :aria-label="`${label}, a quarter less`"
      @click="score = stepped(score, -1)"
      >−</v-btn
    >
    <div
      class="scale"
      role="slider"
      tabindex="0"
      :aria-label="label"
      aria-valuemin="0"
      :aria-valuemax="SCORE_TO"
      :aria-valuenow="score ?? SCORE_FROM"
      :aria-valuetext="text"
      @keydown="onKey"
      @pointerdown="onPointer"
      @pointermove="onPointer"
      @pointerup="onPointer"
      @pointercancel="onPointer"
    >
      <i
        v-for="c in cells"
        :key="c"
        :class="{ full: score !== undefined && c <= score, whole: Number.isInteger(c) }"
        :data-score="Number.isInteger(c) ? c : undefined"
      />
    </div>
    <v-btn
      class="step"
      variant="outlined"
      tabindex="-1"
      :aria-label="`${label}, a quarter more`"
      @click="score = stepped(score, 1)"
      >+</v-btn
    >
    <output class="value" :class="{ quiet: score === undefined }">{{
      score === undefined ? '–' : text
    }}</output>
    <span v-if="below" class="below quiet">below standard</span>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 150px 48px 1fr 48px 62px;
  gap: 8px;
  align-items: center;
  min-height: 56px;
}
.step {
  min-width: 48px;
  height: 48px;
  padding: 0;
  font-size: 1.25rem;
}
.scale {
  position: relative;
  display: flex;
  align-items: flex-end;
  gap: 2px;
  height: 52px;
  padding-bottom: 18px;
  cursor: pointer;
  touch-action: pan-y;
}
.scale i {
  flex: 1;
  height: 16px;
  background: var(--line);
  position: relative;
}
.scale .whole {
  height: 26px;
}
.scale .full {
  background: var(--cup);
}
.scale .whole::after {
  content: attr(data-score);
  position: absolute;
  top: 100%;
  left: 50%;
  transform: translateX(-50%);
  font-style: normal;
  font-size: 0.8125rem;
  color: var(--ink-2);
}
.value {
  font-size: 1.3rem;
  font-weight: 600;
  text-align: right;
}
.below {
  grid-column: 3;
  font-size: 0.8125rem;
}
@media (pointer: coarse) {
  .row {
    grid-template-columns: 120px 56px 1fr 56px 58px;
    min-height: 64px;
  }
  .step {
    min-width: 56px;
    height: 56px;
  }
}
@media (max-width: 640px) {
  .row {
    grid-template-columns: max-content 1fr max-content 56px;
  }
  .name-of {
    grid-column: 1 / -1;
    margin-bottom: -8px;
  }
}
</style>
