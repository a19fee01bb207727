<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'

/** The key of a coded table: what stands under each code, and in the cups of each set. */
const props = defineProps<{ keyed: Schemas['TableKey']; names: Record<number, string> }>()
const under = (s: Schemas['TableSampleView']) =>
  [s.roastId ? props.names[s.roastId] : s.outside?.name, s.treatment].filter(Boolean).join(', ')
/** What goes into the cups of a set, from left to right. */
const served = (set: Schemas['ServedSet']) => set.codes.join(' ')
</script>

<template>
  <table class="plain key">
    <thead>
      <tr>
        <th>Code</th>
        <th>Under it</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="s in keyed.samples" :key="s.code">
        <td>
          <b>{{ s.code }}</b>
        </td>
        <td>{{ under(s) }}</td>
      </tr>
    </tbody>
  </table>
  <ul v-if="keyed.warnings.length" class="warnings" aria-label="Before the pour">
    <li v-for="w in keyed.warnings" :key="w.roastId + w.text">
      <b>{{ names[w.roastId] }}.</b> {{ w.text }}
    </li>
  </ul>
  <div v-if="keyed.sets.length" class="sets">
    <p>Fill the cups of each set from left to right, and put its number before them:</p>
    <ol>
      <li v-for="set in keyed.sets" :key="set.set">
        <span class="quiet">{{ set.set }}</span> <b>{{ served(set) }}</b>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.warnings {
  list-style: none;
  padding: 0 0 0 12px;
  margin: 12px 0;
  border-left: 4px solid var(--ember);
}
.key {
  max-width: 560px;
}
.sets ol {
  list-style: none;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(110px, 1fr));
  gap: 4px 16px;
}
</style>
