<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { one } from '@/shared/format/text'
import { shownRate } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'
import { BRACKET_ROW, inRows } from './brackets'
import type { TimeScale } from './geometry'

/** Brackets over the faults of the rate of rise, each with its name and size. */
const props = defineProps<{
  faults: Schemas['Fault'][]
  scale: TimeScale
  /** Top of the pane, px. */
  top: number
  /** Beyond this a text is written to the left of its bracket, px. */
  middle: number
}>()
const preferences = usePreferences()

const brackets = computed(() =>
  inRows(
    props.faults.map((f) => {
      const left = props.scale.x(f.fromS)
      const from = one(shownRate(f.fromCPerMin, preferences.units))
      const to = one(shownRate(f.toCPerMin, preferences.units))
      return {
        left,
        width: Math.max(4, props.scale.x(f.toS) - left),
        text: `${f.kind}, ${from} to ${to} in ${Math.round(f.toS - f.fromS)} s`,
        flipped: left > props.middle,
        key: f.kind + f.fromS,
      }
    }),
  ),
)
</script>

<template>
  <div
    v-for="b in brackets"
    :key="b.key"
    class="bracket"
    :style="{ left: `${b.left}px`, width: `${b.width}px`, top: `${top + 4 + b.row * BRACKET_ROW}px` }"
  >
    <span :class="{ flipped: b.flipped }">{{ b.text }}</span>
  </div>
</template>

<style scoped>
.bracket {
  position: absolute;
  height: 8px;
  border: 2px solid var(--ember);
  border-bottom: 0;
  pointer-events: none;
}
.bracket span {
  position: absolute;
  bottom: 8px;
  left: 0;
  white-space: nowrap;
  font-size: 0.8125rem;
  font-weight: 700;
  color: var(--ember);
  background: var(--card);
  padding: 0 3px;
}
.bracket .flipped {
  left: auto;
  right: 100%;
  bottom: -4px;
  margin-right: 4px;
}
</style>
