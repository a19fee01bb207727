<script setup lang="ts">
import type { Failure } from '@/shared/api/client'

/** Stands for a page that is not there yet: loading, failed, or empty. */
defineProps<{ loading: boolean; failure?: Failure; empty?: boolean; there: boolean }>()
defineEmits<{ retry: [] }>()
</script>

<template>
  <div v-if="failure" class="card failed" role="alert">
    <p>
      <strong>{{ failure.message }}</strong>
    </p>
    <v-btn variant="outlined" @click="$emit('retry')">Try again</v-btn>
  </div>
  <p v-else-if="loading && !there" class="quiet" role="status">Loading…</p>
  <div v-else-if="empty" class="card"><slot name="empty" /></div>
  <slot v-if="there && !empty" />
</template>

<style scoped>
.failed {
  border-color: var(--ember);
  margin-bottom: 16px;
}
.failed p {
  margin-bottom: 12px;
}
</style>
