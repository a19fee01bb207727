<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { labelOf, meaningOf } from '@/shared/format/words'

/** The causes: the likely ones open, the rest folded in one line; each can be asked why, or why not. */
const props = defineProps<{ trace: Schemas['TraceView']; chosen?: Schemas['FindingView'] }>()
const emit = defineEmits<{ choose: [cause: string] }>()

const open = computed(() => props.trace.findings.filter((f) => f.standing !== 'unlikely'))
const folded = computed(() => [
  ...props.trace.findings.filter((f) => f.standing === 'unlikely'),
  ...props.trace.folded,
])
const unfolded = computed(() => folded.value.some((f) => f.cause === props.chosen?.cause))
const nothing = computed(() => {
  if (props.trace.cups === 0) {
    return open.value.length ? '' : 'Nothing in the log, the bench or the green asks for a look.'
  }
  return props.trace.sound >= 0.25 ? `Nothing is wrong with it: ${props.trace.soundChance}.` : ''
})
</script>

<template>
  <section>
    <h2 class="label">What may have done it</h2>
    <p v-if="trace.unexplained" class="card said">
      <b>Something is off that no cause known here explains: {{ trace.noneChance }}.</b> Cup it once more with
      clean cups and fresh water; then measure what is missing, below.
    </p>
    <button
      v-for="f in open"
      :key="f.cause"
      type="button"
      class="cause"
      :class="[f.standing, { chosen: f.cause === chosen?.cause }]"
      :data-cause="f.cause"
      :aria-pressed="f.cause === chosen?.cause"
      @click="emit('choose', f.cause)"
    >
      <span class="name">{{ f.label }}</span>
      <span class="standing">{{ labelOf('FindingStanding', f.standing) }}</span>
      <span class="why quiet"
        ><b v-if="trace.cups">{{ f.chance }}</b
        ><template v-if="trace.cups"> · </template>{{ meaningOf('FindingStanding', f.standing) }}</span
      >
    </button>
    <p v-if="nothing" class="card quiet said">{{ nothing }}</p>
    <details class="folded" :open="unfolded">
      <summary>{{ folded.length }} {{ open.length ? 'others' : 'causes' }}, and why not</summary>
      <button
        v-for="f in folded"
        :key="f.cause"
        type="button"
        class="plain"
        :data-cause="f.cause"
        :aria-pressed="f.cause === chosen?.cause"
        @click="emit('choose', f.cause)"
      >
        {{ f.label }}
      </button>
    </details>
  </section>
</template>

<style scoped>
.cause {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 8px;
  width: 100%;
  text-align: left;
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: 5px;
  padding: 12px 14px;
  margin: 8px 0 12px;
}
.name {
  font-size: 1.2rem;
}
.name::first-letter {
  text-transform: uppercase;
}
.standing {
  font-size: 0.875rem;
  font-weight: 600;
  color: var(--ink-2);
  align-self: center;
  text-align: right;
}
.why {
  grid-column: 1 / -1;
  font-size: 0.875rem;
}
.chosen {
  border: 2px solid var(--ink);
  padding: 11px 13px;
}
.supported .standing,
.supported.chosen {
  color: var(--ember);
  border-color: var(--ember);
}
.supported.chosen .name,
.supported.chosen .why {
  color: var(--ink);
}
.said {
  margin: 8px 0 12px;
}
.folded summary {
  cursor: pointer;
  color: var(--ink-2);
  font-size: 0.875rem;
  min-height: 32px;
}
.folded button {
  border: 1px solid var(--line);
  border-radius: 14px;
  padding: 4px 11px;
  margin: 0 6px 6px 0;
  font-size: 0.875rem;
}
.folded button[aria-pressed='true'] {
  border-color: var(--ink);
  font-weight: 600;
}
</style>
