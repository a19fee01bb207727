<script setup lang="ts">
import { computed } from 'vue'
import { strip, type Day } from './day'

/** The day as a strip from the lighting of the drum to the last drop, and when the table is ready. */
const props = defineProps<{ day: Day }>()
const drawn = computed(() => strip(props.day))
</script>

<template>
  <section class="card strip-card" aria-label="The day as a strip">
    <div class="strip">
      <div
        v-for="b in drawn.blocks"
        :key="b.key"
        class="block"
        :class="b.kind"
        :style="{ left: `${100 * b.left}%`, width: `${100 * b.width}%` }"
        :title="b.name"
      >
        <span :class="{ long: b.number }">{{ b.name }}</span>
        <span v-if="b.number" class="number">{{ b.number }}</span>
      </div>
      <span v-for="h in drawn.hours" :key="h.at" class="hour" :style="{ left: `${100 * h.left}%` }">{{
        h.at
      }}</span>
    </div>
    <p v-if="day.rest" class="rest" :class="{ ember: !day.rest.together }">{{ day.rest.text }}</p>
  </section>
</template>

<style scoped>
.strip-card {
  margin-bottom: 16px;
}
.strip {
  position: relative;
  height: 74px;
}
.block {
  position: absolute;
  top: 0;
  height: 44px;
  border-radius: 4px;
  background: var(--phase-1);
  border: 1px solid var(--ink-2);
  overflow: hidden;
}
.block span {
  display: block;
  padding: 3px 6px;
  font-size: 0.8125rem;
  line-height: 1.15;
}
.number {
  display: none;
}
@media (max-width: 560px) {
  .block .long {
    display: none;
  }
  .block .number {
    display: block;
    font-weight: 600;
  }
}
.natural {
  background: var(--phase-3);
}
.warm-up {
  background: transparent;
  border: 1px dashed var(--ink-2);
}
.hour {
  position: absolute;
  top: 50px;
  transform: translateX(-50%);
  font-size: 0.8125rem;
  color: var(--ink-2);
}
.hour:first-of-type {
  transform: none;
}
.rest {
  font-weight: 600;
}
</style>
