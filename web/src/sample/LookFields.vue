<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'

/** How a sample looks by eye; each may be left open. */
const look = defineModel<Schemas['BenchLook']>({ required: true })

const swollen = computed({
  get: () => (look.value.swollen === undefined ? undefined : look.value.swollen ? 'yes' : 'no'),
  set: (v) => (look.value.swollen = v === undefined ? undefined : v === 'yes'),
})
</script>

<template>
  <h2 class="mt-2">By eye</h2>
  <div
    v-for="[field, label, choices] in [
      ['evenness', 'colour', ['even', 'mixed']],
      ['surface', 'surface', ['matt', 'oily']],
      ['hue', 'hue', ['yellow', 'tan', 'orange', 'reddish', 'brown', 'dark']],
    ] as const"
    :key="field"
    class="look"
  >
    <span :id="`look-${field}`" class="quiet">{{ label }}</span>
    <v-btn-toggle
      v-model="look[field]"
      :aria-labelledby="`look-${field}`"
      density="default"
      variant="outlined"
      divided
    >
      <v-btn v-for="c in choices" :key="c" :value="c">{{ c }}</v-btn>
    </v-btn-toggle>
  </div>
  <div class="look">
    <span id="look-swollen" class="quiet">swollen</span>
    <v-btn-toggle
      v-model="swollen"
      aria-labelledby="look-swollen"
      density="default"
      variant="outlined"
      divided
    >
      <v-btn value="yes">yes</v-btn>
      <v-btn value="no">no</v-btn>
    </v-btn-toggle>
  </div>
</template>

<style scoped>
.look {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
}
.look :deep(.v-btn-toggle) {
  flex-wrap: wrap;
  height: auto;
}
.look :deep(.v-btn-toggle .v-btn) {
  min-height: 44px;
}
.look > span {
  flex: 0 0 64px;
}
</style>
