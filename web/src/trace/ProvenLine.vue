<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import { scoreChange } from './proofs'
import { labelOf } from '@/shared/format/words'

/** One change put to the proof, and what its table showed. */
defineProps<{ proof: Schemas['ProofView']; lot?: boolean }>()
</script>

<template>
  <div class="proven">
    <b v-if="proof.outcome" :class="proof.outcome">{{ labelOf('ProofOutcome', proof.outcome) }}</b>
    <b v-else>on the table</b>
    <span>
      <template v-if="lot">{{ proof.lotName }}, </template>
      <router-link class="plain" :to="`/trace/${proof.beforeId}`">roast {{ proof.beforeNumber }}</router-link>
      beside
      <router-link class="plain" :to="`/trace/${proof.afterId}`">roast {{ proof.afterNumber }}</router-link>
      for {{ proof.label }}:
      <template v-if="proof.outcome">
        {{ proof.shown
        }}<template v-if="proof.scoreChange !== undefined"
          >; score {{ scoreChange(proof.scoreChange) }}</template
        >.
      </template>
      <template v-else>cup both blind, then reveal the table.</template>
      <router-link class="plain" :to="`/cupping/${proof.cuppingId}`">{{
        proof.outcome ? 'the table' : 'to the table'
      }}</router-link>
    </span>
  </div>
</template>

<style scoped>
.proven {
  display: flex;
  gap: 12px;
  align-items: baseline;
}
.proven > b {
  flex: none;
  min-width: 84px;
}
.held {
  color: rgb(var(--v-theme-primary));
}
.worse {
  color: rgb(var(--v-theme-error));
}
</style>
