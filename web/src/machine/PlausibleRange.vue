<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import { degree, shownTemperature, typedTemperature } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'

/** What the probes of a roaster may read (the server knows what is usual, once a link was kept), and by which codes its controller says that it has no value. */
const props = defineProps<{ problemAt: (field: string) => string | undefined }>()
const link = defineModel<Schemas['LinkSettings']>({ required: true })
const preferences = usePreferences()
type Probe = 'bean' | 'environment'
type End = 'lowC' | 'highC'
const ENDS: { probe: Probe; end: End; label: string }[] = [
  { probe: 'bean', end: 'lowC', label: 'Bean from' },
  { probe: 'bean', end: 'highC', label: 'Bean to' },
  { probe: 'environment', end: 'lowC', label: 'Environment from' },
  { probe: 'environment', end: 'highC', label: 'Environment to' },
]
const read = (probe: Probe, end: End) =>
  Math.round(shownTemperature(link.value[probe]![end], preferences.units) * 10) / 10
function write(probe: Probe, end: End, v: number | undefined) {
  if (v !== undefined && v !== read(probe, end)) {
    const range = { ...link.value[probe]!, [end]: typedTemperature(v, preferences.units) }
    link.value = { ...link.value, [probe]: range }
  }
}
const codes = computed({
  get: () => link.value.noValues?.join(' ') ?? '',
  set: (text) =>
    (link.value = {
      ...link.value,
      noValues: text
        .trim()
        .toUpperCase()
        .split(/[\s,;]+/)
        .filter(Boolean),
    }),
})
</script>

<template>
  <details>
    <summary>What can be true of its readings</summary>
    <div class="ends">
      <NumberField
        v-for="e in ENDS"
        :key="e.probe + e.end"
        :model-value="read(e.probe, e.end)"
        :label="e.label"
        :unit="degree(preferences.units)"
        :problem="problemAt(`link.${e.probe}.${e.end}`)"
        @update:model-value="write(e.probe, e.end, $event)"
      />
      <v-text-field
        v-if="link.kind.startsWith('modbus')"
        v-model.lazy="codes"
        label="Codes for no value, hexadecimal"
        :error-messages="props.problemAt('link.noValues') ?? []"
      />
    </div>
    <p class="quiet">What lies outside is dropped and counted, however often it is repeated.</p>
  </details>
</template>

<style scoped>
summary {
  min-height: 44px;
  display: flex;
  gap: 10px;
  align-items: center;
  cursor: pointer;
  font-weight: 600;
}
summary::before {
  content: '+';
}
[open] > summary::before {
  content: '–';
}
.ends {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(190px, 1fr));
  gap: 10px;
  align-items: start;
  padding-top: 8px;
}
</style>
