<script setup lang="ts">
import { useNotices } from '@/shared/notices'

/** What everybody in the lab must know. */
const notices = useNotices()
</script>

<template>
  <div v-for="n in notices.all" :key="n.id" class="notice" role="alert">
    <b>{{ n.text }}</b>
    <v-btn v-if="n.link" variant="outlined" :href="n.link">Fetch the log</v-btn>
    <v-btn v-if="!n.stays" variant="outlined" @click="notices.read(n.id)">I have read it</v-btn>
  </div>
</template>

<style scoped>
.notice {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  padding: 10px 24px;
  border-bottom: 2px solid var(--ember);
  color: var(--ember);
  background: var(--card);
}
</style>
