<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import SourceShape from '@/shared/components/SourceShape.vue'
import { labelOf } from '@/shared/format/words'

/** What speaks for or against the chosen cause outside the log: a thread is tied to each. */
const props = defineProps<{ finding: Schemas['FindingView'] }>()

const LEAST = 0.3
const MOST = 5
const SOURCES = ['bench', 'green', 'time', 'table']
const seen = computed(() =>
  props.finding.evidence
    .filter((e) => SOURCES.includes(e.source) && Math.abs(e.weight) >= LEAST)
    .slice(0, MOST),
)
</script>

<template>
  <ul v-if="seen.length" class="beside" aria-label="Outside the log">
    <li
      v-for="e in seen"
      :key="e.source + e.text"
      :class="[`of-${e.source}`, { against: e.weight < 0 }]"
      :data-beside="e.source"
      :data-says="e.weight > 0 ? 'for' : 'against'"
    >
      <SourceShape :source="e.source" /> <b>{{ labelOf('EvidenceSource', e.source) }}</b>
      <span>{{ e.text }}</span>
    </li>
  </ul>
</template>

<style scoped>
.beside {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 6px;
}
.beside li {
  display: flex;
  gap: 8px;
  align-items: baseline;
  background: var(--card);
  border: 1px solid var(--line);
  border-left: 4px solid currentcolor;
  border-radius: 3px;
  padding: 6px 12px;
}
.beside .against {
  border-left-style: dashed;
}
.beside span {
  color: var(--ink);
}
</style>
