<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import { moment } from '@/shared/format/text'

/** What was changed in the rules, by whom and why; the newest first. */
defineProps<{ history: Schemas['RuleChangeView'][]; text: (rule: string) => string }>()
</script>

<template>
  <section class="card">
    <h2 class="label">What was changed</h2>
    <ul>
      <li v-for="(h, i) in history" :key="i">
        <b>{{ text(h.name) }}: {{ h.value }}</b
        ><br />{{ h.reason }}
        <span class="quiet">{{ h.by }}, {{ moment(h.at) }}, version {{ h.version }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin: 6px 0 12px;
  display: grid;
  gap: 6px;
}
</style>
