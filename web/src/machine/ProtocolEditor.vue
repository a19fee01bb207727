<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import MoveButtons from '@/shared/components/MoveButtons.vue'
import NumberField from '@/shared/components/NumberField.vue'
import { degree, shownTemperature, typedTemperature } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'
import { moved } from '@/shared/format/list'
import { baseOf, controlUnit, shownControl } from '@/shared/format/controls'
import { useControls } from '@/shared/useControls'
import { wordsOf } from '@/shared/format/words'

/** What is done between two batches, step by step. */
type Step = Schemas['ProtocolStep']
defineProps<{ problems: string[] }>()
const steps = defineModel<Step[]>({ required: true })

const preferences = usePreferences()
const { ranges } = useControls()
const KINDS = wordsOf('ProtocolKind')
const controlOf = (kind: Step['kind']) =>
  kind === 'set-gas' ? 'gas' : kind === 'set-air' ? 'air' : undefined
function unit(kind: Step['kind']) {
  const control = controlOf(kind)
  if (control) {
    return controlUnit(control, ranges.value[control])
  }
  return isWait(kind) ? degree(preferences.units) : kind === 'wait' ? 's' : ''
}
const isWait = (kind: Step['kind']) => kind === 'fall-to' || kind === 'rise-to'
const waits = (s: Step) => isWait(s.kind)
function shown(s: Step) {
  const control = controlOf(s.kind)
  if (s.value === undefined) {
    return undefined
  }
  return control
    ? shownControl(s.value, ranges.value[control])
    : waits(s)
      ? rounded(shownTemperature(s.value, preferences.units))
      : s.value
}
const rounded = (n: number) => Math.round(n * 10) / 10
function typed(s: Step, value: number | undefined) {
  if (value !== shown(s)) {
    const control = controlOf(s.kind)
    s.value =
      value === undefined
        ? undefined
        : control
          ? baseOf(value, ranges.value[control])
          : waits(s)
            ? typedTemperature(value, preferences.units)
            : value
  }
}
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
          :model-value="shown(s)"
          label="value"
          :unit="unit(s.kind)"
          density="compact"
          hide-details
          :class="{ wide: !waits(s) }"
          @update:model-value="typed(s, $event)"
        />
      </template>
      <MoveButtons
        :first="i === 0"
        :last="i === steps.length - 1"
        :up="`Step ${i + 1} up`"
        :down="`Step ${i + 1} down`"
        :away="`Remove step ${i + 1}`"
        @up="steps = moved(steps, i, i - 1)"
        @down="steps = moved(steps, i, i + 1)"
        @away="steps = steps.filter((_, k) => k !== i)"
      />
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
  grid-template-columns: 20px 1.4fr 1fr 0.9fr 44px 44px 44px;
  gap: 6px;
  align-items: center;
}
@media (max-width: 700px) {
  .step {
    grid-template-columns: 20px 1fr 44px 44px 44px;
  }
  .step > :nth-child(n + 3):not(.v-btn) {
    grid-column: 2 / -1;
  }
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
