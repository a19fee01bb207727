<script setup lang="ts">
import { ref } from 'vue'
import NumberField from '@/shared/components/NumberField.vue'
import { degree, typedTemperature } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'

/** A thermometer read in a cup: the times that follow are fitted to it. */
const emit = defineEmits<{ read: [c: number] }>()
const preferences = usePreferences()
const shown = ref<number>()
function read() {
  if (shown.value !== undefined) {
    emit('read', typedTemperature(shown.value, preferences.units))
    shown.value = undefined
  }
}
</script>

<template>
  <form class="thermometer" @submit.prevent="read">
    <NumberField v-model="shown" label="Thermometer in a cup" :unit="degree(preferences.units)" />
    <v-btn type="submit" variant="text" :disabled="shown === undefined">Read</v-btn>
  </form>
</template>

<style scoped>
.thermometer {
  display: flex;
  align-items: center;
}
.thermometer .v-input {
  flex: none;
  width: 190px;
}
</style>
