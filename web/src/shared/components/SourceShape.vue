<script setup lang="ts">
import type { Source } from './sources'

defineProps<{ source: Source }>()
</script>

<template>
  <svg class="shape" :class="`of-${source}`" viewBox="0 0 14 14" width="14" height="14" aria-hidden="true">
    <circle v-if="source === 'cup'" cx="7" cy="7" r="5" />
    <path v-else-if="source === 'log'" d="M1 10 5 5l3 4 5-6" fill="none" stroke-width="2.4" />
    <rect v-else-if="source === 'bench'" x="2" y="2" width="10" height="10" />
    <path v-else-if="source === 'green'" d="M7 1.5 13 12.5H1Z" />
    <path v-else-if="source === 'table'" d="M5 1h4v4h4v4H9v4H5V9H1V5h4Z" />
    <path v-else d="M7 1 13 7 7 13 1 7Z" />
  </svg>
</template>

<style scoped>
.shape {
  fill: currentcolor;
  stroke: none;
  vertical-align: -1px;
  flex: none;
}
.of-log {
  stroke: currentcolor;
}
</style>
