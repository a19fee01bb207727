<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiClose } from '@mdi/js'
import type { Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import { moved } from './day'

/** What is done between two batches, step by step. */
type Step = Schemas['ProtocolStepView']
defineProps<{ problems: string[] }>()
const steps = defineModel<Step[]>({ required: true })

const KINDS: { value: Step['kind']; title: string; unit: string }[] = [
  { value: 'do', title: 'do', unit: '' },
  { value: 'set-gas', title: 'set gas to', unit: '%' },
  { value: 'set-air', title: 'set air to', unit: '%' },
  { value: 'fall-to', title: 'wait until it falls to', unit: '°C' },
  { value: 'rise-to', title: 'wait until it rises to', unit: '°C' },
  { value: 'wait', title: 'wait for', unit: 's' },
]
const unit = (kind: Step['kind']) => KINDS.find((k) => k.value === kind)?.unit ?? ''
const waits = (s: Step) => s.kind === 'fall-to' || s.kind === 'rise-to'
const add = () => (steps.value = [...steps.value, { kind: 'wait', probe: 'bean', value: 30, text: '' }])
</script>

<template>
  <section class="card protocol" aria-labelledby="protocol-title">
    <h2 id="protocol-title">Between batches</h2>
    <p class="quiet">
      Every batch starts from the same state, or the first minute differs and everything after it.
    </p>
    <p v-for="p in problems" :key="p" class="ember" role="alert">{{ p }}</p>
    <div v-for="(s, i) in steps" :key="i" class="step">
      <span class="number">{{ i + 1 }}</span>
      <v-select
        v-model="s.kind"
        :items="KINDS"
        :aria-label="`Step ${i + 1}`"
        density="compact"
        hide-details
      />
      <v-text-field
        v-if="s.kind === 'do'"
        v-model="s.text"
        label="what"
        density="compact"
        hide-details
        class="wide"
      />
      <template v-else>
        <v-select
          v-if="waits(s)"
          v-model="s.probe"
          :items="['bean', 'environment']"
          label="probe"
          density="compact"
          hide-details
        />
        <NumberField
          v-model="s.value"
          label="value"
          :unit="unit(s.kind)"
          density="compact"
          hide-details
          :class="{ wide: !waits(s) }"
        />
      </template>
      <v-btn
        icon
        variant="text"
        :aria-label="`Step ${i + 1} up`"
        :disabled="i === 0"
        @click="steps = moved(steps, i, i - 1)"
        ><v-icon :icon="mdiArrowUp"
      /></v-btn>
      <v-btn
        icon
        variant="text"
        :aria-label="`Step ${i + 1} down`"
        :disabled="i === steps.length - 1"
        @click="steps = moved(steps, i, i + 1)"
        ><v-icon :icon="mdiArrowDown"
      /></v-btn>
      <v-btn
        icon
        variant="text"
        :aria-label="`Remove step ${i + 1}`"
        @click="steps = steps.filter((_, k) => k !== i)"
        ><v-icon :icon="mdiClose"
      /></v-btn>
    </div>
    <v-btn variant="outlined" @click="add">Add a step</v-btn>
  </section>
</template>

<style scoped>
.protocol {
  display: grid;
  gap: 8px;
}
.step {
  display: grid;
  grid-template-columns: 20px 1.4fr 1fr 0.9fr 40px 40px 40px;
  gap: 6px;
  align-items: center;
}
.wide {
  grid-column: span 2;
}
.number {
  color: var(--ink-2);
}
.protocol > .v-btn {
  justify-self: start;
}
</style>
