<script setup lang="ts">
import { computed } from 'vue'
import type { Kept } from './useKept'

/** Says where the changes of a page stand; what was refused is named, and a clash is settled here. */
const props = defineProps<{ kept: Kept }>()
const emit = defineEmits<{ theirs: [] }>()
const state = computed(() => props.kept.state.value)
const failure = computed(() => props.kept.failure.value)

function theirs() {
  props.kept.takeTheirs()
  emit('theirs')
}
</script>

<template>
  <span v-if="state === 'elsewhere'" class="ember refused" role="alert">
    <b>This was changed in another window, or by somebody else.</b> Nothing was overwritten.
    <v-btn variant="outlined" @click="theirs">Take theirs</v-btn>
    <v-btn variant="outlined" @click="kept.keepMine">Keep what is written here</v-btn>
  </span>
  <span v-else-if="state === 'refused' && failure" class="ember refused" role="alert">
    <b>{{ failure.message }}</b>
    <span v-for="p in failure.problems" :key="p.field + p.message">{{ p.message }}.</span>
    <v-btn variant="outlined" @click="kept.flush">Try again</v-btn>
  </span>
  <span v-else :class="state === 'here' ? 'ember' : 'quiet'" role="status">{{ kept.text.value }}</span>
</template>

<style scoped>
.refused {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: center;
}
</style>
