<script setup lang="ts">
import { computed, watch } from 'vue'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'

/** Whether a sample is fit to be cupped, by the protocol and by the lab's own limits. */
const props = defineProps<{ roastId: number; again: number }>()
const verdict = useLoad(() =>
  answer(api.GET('/api/roasts/{id}/sample/verdict', { params: { path: { id: props.roastId } } })),
)
watch(() => props.again, verdict.reload)
const v = computed(() => verdict.data.value)
const TITLES: Record<string, string> = {
  fit: 'Fit to be cupped',
  'roast-again': 'Roast it again',
  measure: 'Not judged yet',
}
const MARKS: Record<string, string> = { inside: '✓', outside: '✗', 'not-measured': '·' }
</script>

<template>
  <section v-if="v" class="card verdict" :class="v.verdict" aria-live="polite">
    <div>
      <h2>{{ TITLES[v.verdict] }}</h2>
      <p>{{ v.text }}</p>
    </div>
    <ul>
      <li v-for="c in v.checks" :key="c.label" :class="c.standing">
        <span aria-hidden="true" class="mark">{{ MARKS[c.standing] }}</span>
        {{ c.label }} <b>{{ c.value || 'not measured' }}</b>
        <span class="quiet">{{ c.by }}: {{ c.wanted }}</span>
      </li>
    </ul>
    <ul v-if="v.notes.length" class="notes" aria-label="Seen as well">
      <li v-for="n in v.notes" :key="n" class="quiet">{{ n }}</li>
    </ul>
  </section>
</template>

<style scoped>
.notes {
  grid-column: 1 / -1;
  padding-top: 10px;
  border-top: 1px solid var(--line);
}
.verdict {
  display: grid;
  grid-template-columns: minmax(220px, 1fr) 3fr;
  gap: 20px;
  margin-bottom: 16px;
  border-left-width: 5px;
}
.fit {
  border-left-color: var(--moss);
}
.roast-again {
  border-left-color: var(--ember);
}
.roast-again h2,
.outside .mark,
.outside b {
  color: var(--ember);
}
ul {
  list-style: none;
  padding: 0;
  columns: 2;
  column-gap: 28px;
}
li {
  break-inside: avoid;
  padding: 2px 0;
}
li b {
  margin: 0 6px;
}
.mark {
  display: inline-block;
  width: 1.2em;
  color: var(--moss);
  font-weight: 700;
}
.not-measured b {
  font-weight: 400;
  color: var(--ink-2);
}
@media (max-width: 900px) {
  .verdict {
    grid-template-columns: 1fr;
  }
}
@media (max-width: 640px) {
  ul {
    columns: 1;
  }
}
</style>
