<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'

/** Bars from nothing, to either side. */
const props = defineProps<{ bars: Schemas['AnswerBar'][] }>()
const most = computed(() => Math.max(...props.bars.map((b) => Math.abs(b.value)), 1e-9))
const share = (b: Schemas['AnswerBar']) => `${Math.round((100 * Math.abs(b.value)) / most.value)}%`
</script>

<template>
  <ul class="bars">
    <li v-for="b in bars" :key="b.name">
      <span>{{ b.name }}</span>
      <span class="track"><span :class="{ less: b.value < 0 }" :style="{ width: share(b) }" /></span>
      <span class="tabular">{{ b.text }}</span>
    </li>
  </ul>
</template>

<style scoped>
.bars {
  list-style: none;
  padding: 0;
  margin: 10px 0;
}
li {
  display: grid;
  grid-template-columns: 260px minmax(0, 1fr) 70px;
  gap: 12px;
  align-items: center;
  min-height: 26px;
}
.track span {
  display: block;
  height: 12px;
  background: var(--log);
}
.track .less {
  background: var(--ember);
}
</style>
