<script setup lang="ts">
import type { Failure } from '@/shared/api/client'
import type { KeptState } from '@/shared/useKept'

/** Says where the changes of a page stand; what was refused is named, one sentence a value. */
defineProps<{ state: KeptState; text: string; failure?: Failure }>()
defineEmits<{ retry: [] }>()
</script>

<template>
  <span v-if="!failure" class="quiet" role="status">{{ text }}</span>
  <span v-else class="ember refused" role="alert">
    <b>{{ failure.message }}</b>
    <span v-for="p in failure.problems" :key="p.field + p.message">{{ p.message }}.</span>
    <v-btn v-if="state === 'failed'" variant="outlined" size="small" @click="$emit('retry')">Try again</v-btn>
  </span>
</template>

<style scoped>
.refused {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: center;
}
</style>
