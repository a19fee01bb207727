<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import { wordsOf } from '@/shared/format/words'

/** Of a set of three: which of the two coffees is sweeter, and which is liked better? Nobody has to say. */
type Side = Schemas['AnswerEntry']['sweeter']
const sweeter = defineModel<Side>('sweeter')
const preferred = defineModel<Side>('preferred')
const ASKED = [
  { label: 'Sweeter is', model: sweeter },
  { label: 'I like better', model: preferred },
]
const SIDES = wordsOf('CupSetEntitySide')
</script>

<template>
  <div v-for="a in ASKED" :key="a.label" class="sides" role="group" :aria-label="a.label">
    <span class="quiet">{{ a.label }}</span>
    <v-btn
      v-for="s in SIDES"
      :key="s.value"
      :variant="a.model.value === s.value ? 'flat' : 'outlined'"
      :color="a.model.value === s.value ? 'primary' : undefined"
      :aria-pressed="a.model.value === s.value"
      @click="a.model.value = a.model.value === s.value ? undefined : s.value"
      >{{ s.title }}</v-btn
    >
  </div>
</template>

<style scoped>
.sides {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.quiet {
  min-width: 110px;
}
.v-btn {
  min-height: 56px;
}
</style>
