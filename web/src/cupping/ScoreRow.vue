<script setup lang="ts">
import { computed } from 'vue'
import { stepped, written, type Scale } from './sheetContent'
import { useScale } from './useScale'

/** One scale of a form, by touch, by arrow keys, or by typing the number. */
const props = defineProps<{
  label: string
  scale: Scale
  /** Below the house's line. */
  low?: boolean
  /** How it went while the cup cooled, in words. */
  trail?: string
}>()
const score = defineModel<number | undefined>({ required: true })
const cells = computed(() =>
  Array.from(
    { length: Math.round((props.scale.most - props.scale.from) / props.scale.step) + 1 },
    (_, i) => props.scale.from + i * props.scale.step,
  ),
)
const below = computed(() => score.value !== undefined && score.value < props.scale.from)
const text = computed(() => (score.value === undefined ? 'not scored' : written(props.scale, score.value)))
// of a fine scale only the whole numbers are written under it
const marked = (cell: number) => Number.isInteger(cell) && (props.scale.step === 1 || cell % 1 === 0)

const { onKey, onPointer } = useScale(() => props.scale, score)
</script>

<template>
  <div class="row">
    <!-- beside the name, where it pushes no other row from under a finger -->
    <span class="name-of"
      >{{ props.label }}
      <small v-if="below || low" :class="{ ember: low }">{{
        below ? 'below standard' : 'below the house’s line'
      }}</small>
      <small v-if="trail">{{ trail }}</small>
    </span>
    <v-btn
      class="step"
      variant="outlined"
      tabindex="-1"
      :aria-label="`${label}, ${scale.step < 1 ? 'a quarter' : 'one'} less`"
      @click="score = stepped(scale, score, -1)"
      >−</v-btn
    >
    <div
      class="scale"
      role="slider"
      tabindex="0"
      :aria-label="label"
      :aria-valuemin="Math.min(scale.from, score ?? scale.from)"
      :aria-valuemax="scale.most"
      :aria-valuenow="score ?? scale.from"
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
        :class="{ full: score !== undefined && c <= score, whole: marked(c) }"
        :data-score="marked(c) ? c : undefined"
      />
    </div>
    <v-btn
      class="step"
      variant="outlined"
      tabindex="-1"
      :aria-label="`${label}, ${scale.step < 1 ? 'a quarter' : 'one'} more`"
      @click="score = stepped(scale, score, 1)"
      >+</v-btn
    >
    <output class="value" :class="{ quiet: score === undefined, ember: low }">{{
      written(scale, score)
    }}</output>
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
.name-of small {
  display: block;
  font-size: 0.75rem;
  line-height: 1.1;
  color: var(--ink-2);
}
.name-of small.ember {
  color: var(--ember);
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
  .name-of small {
    display: inline;
  }
}
</style>
