<script setup lang="ts">
import { computed } from 'vue'
import { mdiClose, mdiPencil } from '@mdi/js'
import type { Schemas } from '@/shared/api/client'
import { usePreferences } from '@/shared/preferences'
import ControlSlider from './ControlSlider.vue'
import { whenText, type Move } from './plan'

/** One planned move: its slider, and the ways to change or remove it. By itself, so that others stay undrawn. */
const props = defineProps<{ settings: Schemas['MachineSettings'] }>()
const move = defineModel<Move>({ required: true })
defineEmits<{ edit: []; remove: [] }>()
const preferences = usePreferences()

const range = computed(() => {
  const { gas, air, drum } = props.settings
  return { gas, air, drum }[move.value.control]
})
const name = computed(() => `${move.value.control} ${whenText(move.value.when, preferences)}`)
</script>

<template>
  <div class="move">
    <ControlSlider v-model="move.value" :label="name" :control="move.control" :range="range" />
    <v-btn icon size="small" variant="text" :aria-label="`Change when: ${name}`" @click="$emit('edit')"
      ><v-icon :icon="mdiPencil"
    /></v-btn>
    <v-btn icon size="small" variant="text" :aria-label="`Remove: ${name}`" @click="$emit('remove')"
      ><v-icon :icon="mdiClose"
    /></v-btn>
  </div>
</template>

<style scoped>
.move {
  display: grid;
  grid-template-columns: 1fr auto auto;
  align-items: center;
}
</style>
