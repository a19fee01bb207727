<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'

/** What is on the desk: the coffee of the batch, else the roaster. */
const props = defineProps<{ state?: Schemas['DeskState'] }>()
const batch = computed(() => props.state?.batch)
const title = computed(() => batch.value?.lotName ?? props.state?.machineName ?? 'Desk')
const sub = computed(() => {
  const b = batch.value
  return b
    ? `${b.process}, ${b.stage} · ${b.batches > 1 ? `batch ${b.batch} of ${b.batches} · ` : ''}${b.greenG} g`
    : ''
})
</script>

<template>
  <h1>{{ title }}</h1>
  <span class="quiet">{{ sub }}</span>
</template>
