<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiClose } from '@mdi/js'

/** Up, down and away: for a row of a list that a person puts in order, three cells of its grid. */
defineProps<{ first: boolean; last: boolean; up: string; down: string; away: string }>()
defineEmits<{ up: []; down: []; away: [] }>()
</script>

<template>
  <v-btn icon variant="text" :aria-label="up" :disabled="first" @click="$emit('up')"
    ><v-icon :icon="mdiArrowUp"
  /></v-btn>
  <v-btn icon variant="text" :aria-label="down" :disabled="last" @click="$emit('down')"
    ><v-icon :icon="mdiArrowDown"
  /></v-btn>
  <v-btn icon variant="text" :aria-label="away" @click="$emit('away')"><v-icon :icon="mdiClose" /></v-btn>
</template>
