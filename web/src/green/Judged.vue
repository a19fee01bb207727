<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import { labelOf } from '@/shared/format/words'

/** What a figure comes to against the lab's limits: a word, a shape, and what it means for the roast. */
const props = defineProps<{ judgements: Schemas['GreenJudgement'][]; field: string }>()
</script>

<template>
  <p
    v-for="j in props.judgements.filter((j) => j.field === props.field)"
    :key="j.text"
    class="judged"
    :class="j.verdict"
  >
    <b>{{ labelOf('GreenJudgementVerdict', j.verdict) }}</b> {{ j.text }}
  </p>
</template>

<style scoped>
.judged {
  font-size: 0.9375rem;
  color: var(--ink-2);
}
.judged b {
  color: var(--green);
}
.watch b {
  color: var(--bench);
}
.out b,
.stop b {
  color: var(--ember);
}
.stop {
  color: var(--ember);
  font-weight: 600;
}
</style>
