<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import { wayTo } from './next'

/** What is not known and would decide, what tells most first, with a way straight to it. */
defineProps<{ missing: Schemas['Missing'][]; roast: { id: number; lotId: number } }>()
</script>

<template>
  <div v-if="missing.length" class="missing">
    <h3 class="label">Look next at</h3>
    <ul>
      <li v-for="m in missing.slice(0, 4)" :key="m.measurement">
        <span>{{ m.text }}</span>
        <router-link class="plain" :to="wayTo(m.station, roast).to">{{
          wayTo(m.station, roast).label
        }}</router-link>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.missing {
  border-top: 1px solid var(--line);
  margin-top: 14px;
  padding-top: 10px;
}
.missing ul {
  list-style: none;
  padding: 0;
}
.missing li {
  display: flex;
  justify-content: space-between;
  gap: 18px;
  padding: 4px 0;
}
.missing a {
  white-space: nowrap;
}
</style>
