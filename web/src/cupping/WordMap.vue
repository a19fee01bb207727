<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'

/** All words at once, as a map: from little heat on the left to much on the right, from what is sought to what is a fault. */
const props = defineProps<{
  vocabulary: Schemas['WordView'][]
  /** Those that are chosen. */
  chosen: string[]
}>()
const emit = defineEmits<{ pick: [word: string] }>()
const patches = computed(() => {
  const groups = new Map<string, { group: string; at: Schemas['WordView']; words: string[] }>()
  for (const w of props.vocabulary) {
    const patch = groups.get(w.group) ?? { group: w.group, at: w, words: [] }
    patch.words.push(w.word)
    groups.set(w.group, patch)
  }
  return [...groups.values()].sort((a, b) => a.at.row - b.at.row || a.at.column - b.at.column)
})
</script>

<template>
  <div class="map">
    <p class="axis"><span>← less heat</span><b>sought ↑</b><span>more heat →</span></p>
    <div class="field">
      <section
        v-for="p in patches"
        :key="p.group"
        class="patch"
        :class="[`column-${p.at.column}`, `row-${p.at.row}`]"
        :style="{ gridColumn: p.at.column + 1, gridRow: p.at.row + 1 }"
        :aria-label="p.group"
      >
        <h3 :title="p.at.pointsTo">{{ p.group }}</h3>
        <div class="words">
          <button
            v-for="word in p.words"
            :key="word"
            type="button"
            :aria-pressed="chosen.includes(word)"
            @click="emit('pick', word)"
          >
            {{ word }}
          </button>
        </div>
      </section>
    </div>
    <p class="axis below"><b>faults ↓</b></p>
  </div>
</template>

<style scoped>
.axis {
  display: flex;
  gap: 16px;
  justify-content: space-between;
  font-size: 0.875rem;
  color: var(--ink-2);
}
.below {
  justify-content: center;
}
.field {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 6px;
  margin: 4px 0;
}
.patch {
  padding: 8px 10px;
  background: var(--phase-1);
  border-radius: 22px 4px 22px 4px;
}
.column-1 {
  border-radius: 4px 22px 4px 22px;
  background: color-mix(in srgb, var(--phase-1), var(--phase-2));
}
.column-2 {
  background: var(--phase-2);
}
.row-2 {
  border-bottom: 3px solid var(--ink-2);
}
.row-0 {
  border-top: 3px solid var(--moss);
}
h3 {
  font-size: 0.875rem;
  font-weight: 600;
  margin: 0 0 4px 6px;
}
.words {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 4px;
}
.words button {
  min-height: 44px;
  padding: 0 9px;
  border-radius: 4px;
}
.words button:hover {
  background: var(--card);
}
.words button[aria-pressed='true'] {
  background: var(--card);
  box-shadow: inset 0 -3px 0 var(--cup);
  font-weight: 600;
}
@media (pointer: coarse) {
  .words button {
    min-height: 56px;
  }
}
@media (max-width: 620px) {
  .axis {
    display: none;
  }
  .field {
    grid-template-columns: 1fr;
  }
  .patch {
    grid-area: auto !important;
  }
}
</style>
