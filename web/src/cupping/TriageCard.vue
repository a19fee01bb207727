<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { VERDICTS, whoSaid } from './triage'

/** What was said of each offer, by whom, in how few words. */
const props = defineProps<{
  names: Record<string, string>
  sheets: Schemas['SheetView'][]
}>()
const rows = computed(() =>
  Object.entries(props.names).map(([code, name]) => {
    const of = props.sheets.filter((s) => s.code === code)
    return {
      code,
      name,
      said: VERDICTS.map((v) => ({ ...v, by: whoSaid(of, v.verdict) })),
      lines: of.flatMap((s) => (s.note ? [`${s.cupper || 'Somebody'}: ${s.note}`] : [])),
      words: [...new Set(of.flatMap((s) => s.words.map((w) => w.word)))],
    }
  }),
)
/** They do not agree: the one thing to talk about. */
const split = (row: (typeof rows.value)[number]) => row.said.filter((v) => v.by.length).length > 1
</script>

<template>
  <section class="card">
    <h2>What becomes of them</h2>
    <table class="offers">
      <thead>
        <tr>
          <th scope="col">Offer</th>
          <th v-for="v in VERDICTS" :key="v.verdict" scope="col">{{ v.title }}</th>
          <th scope="col">In a line</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.code">
          <th scope="row">
            {{ row.name }}<br /><span v-if="split(row)" class="quiet">not agreed: taste it together</span>
          </th>
          <td v-for="v in row.said" :key="v.verdict">{{ v.by.join(', ') || '–' }}</td>
          <td>
            <template v-for="line in row.lines" :key="line">{{ line }}<br /></template>
            <span class="quiet">{{ row.words.join(', ') }}</span>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.offers {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 8px 14px 8px 0;
  border-bottom: 1px solid var(--line);
}
</style>
