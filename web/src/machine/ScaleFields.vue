<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import { controlText, type Control } from '@/shared/format/controls'

/** What the roaster's own knob or gauge says for a control: the same, a pressure, a dial or numbered steps. */
const props = defineProps<{ control: Control; plain: string }>()
const range = defineModel<Schemas['ControlRange']>({ required: true })

type Unit = Schemas['ControlScaleView']['unit']
const UNITS = computed(() => [
  { value: 'plain', title: `the same, ${props.plain}` },
  ...(props.control === 'gas'
    ? [
        { value: 'kpa', title: 'gas pressure, kPa' },
        { value: 'mbar', title: 'gas pressure, mbar' },
      ]
    : []),
  { value: 'dial', title: 'a dial' },
  { value: 'steps', title: 'numbered steps' },
])
const FRESH: Record<Unit, { highest: number; step: number }> = {
  kpa: { highest: 4, step: 0.1 },
  mbar: { highest: 40, step: 1 },
  dial: { highest: 10, step: 0.5 },
  steps: { highest: 9, step: 1 },
}
const unit = computed({
  get: () => range.value.scale?.unit ?? 'plain',
  set: (u: Unit | 'plain') =>
    (range.value = {
      ...range.value,
      scale: u === 'plain' ? undefined : { unit: u, lowest: 0, ...FRESH[u] },
    }),
})
const pressure = computed(() => unit.value === 'kpa' || unit.value === 'mbar')
const symbol = computed(() => ({ kpa: 'kPa', mbar: 'mbar' })[unit.value as string] ?? '')
const example = computed(() => {
  const r = range.value
  const half = (r.min + r.max) / 2
  const { scale } = r
  return scale && scale.highest && scale.step
    ? `${Math.round(half)} ${props.plain} then reads ${controlText(props.control, half, r)}`
    : ''
})
</script>

<template>
  <div class="scale">
    <v-select v-model="unit" :items="UNITS" label="the roaster says" density="compact" hide-details />
    <template v-if="range.scale">
      <NumberField
        v-if="!pressure"
        v-model="range.scale.lowest"
        label="at the least"
        hide-details
        density="compact"
      />
      <NumberField
        v-model="range.scale.highest"
        label="at the most"
        :unit="symbol"
        hide-details
        density="compact"
      />
      <NumberField
        v-model="range.scale.step"
        label="its steps"
        :unit="symbol"
        hide-details
        density="compact"
      />
      <p class="quiet example">
        {{ example }}{{ pressure ? ': heat goes with the root of the pressure.' : '.' }}
      </p>
    </template>
  </div>
</template>

<style scoped>
.scale {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: 1.7fr 1fr 1fr 1fr;
  gap: 8px;
  align-items: center;
}
.example {
  grid-column: 1 / -1;
}
@media (max-width: 950px) {
  .scale {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
