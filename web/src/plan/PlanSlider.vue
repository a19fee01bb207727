<script setup lang="ts">
/** One slider on a line: what it moves, and the figure it stands at. Arrow keys step it. */
defineProps<{ label: string; min: number; max: number; step: number; text: string }>()
const value = defineModel<number>({ required: true })
</script>

<template>
  <label class="slider">
    <span class="moves">{{ label }}</span>
    <v-slider
      v-model="value"
      :min="Math.min(min, value)"
      :max="Math.max(max, value)"
      :step="step"
      :aria-label="label"
      :aria-valuetext="text"
      hide-details
      color="primary"
      density="compact"
    />
    <b>{{ text }}</b>
  </label>
</template>

<style scoped>
.slider {
  display: grid;
  grid-template-columns: minmax(108px, 1.1fr) 1.4fr 72px;
  gap: 8px;
  align-items: center;
  min-height: 40px;
}
.moves {
  font-size: 0.9375rem;
  color: var(--ink-2);
}
.slider b {
  text-align: right;
  white-space: nowrap;
}
</style>
