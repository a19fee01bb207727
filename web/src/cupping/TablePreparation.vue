<script setup lang="ts">
import { problemAt, type Failure, type Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import { degree, shownTemperature, typedTemperature } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'

/** How the cups of a table are prepared; what is left empty is not known. */
type Preparation = Schemas['Preparation']
defineProps<{ failure?: Failure }>()
const protocol = defineModel<Preparation>({ required: true })
const preferences = usePreferences()
const FIELDS: { field: keyof Preparation; label: string; unit: string }[] = [
  { field: 'doseG', label: 'Dose', unit: 'g' },
  { field: 'waterMl', label: 'Water', unit: 'mL' },
  { field: 'waterC', label: 'As poured', unit: '°C' },
  { field: 'tdsPpm', label: 'Solids in it', unit: 'ppm' },
]
const warm = (field: keyof Preparation) => field === 'waterC'
function read(field: keyof Preparation) {
  const v = protocol.value[field]
  return v === undefined || !warm(field) ? v : Math.round(shownTemperature(v, preferences.units) * 10) / 10
}
function write(field: keyof Preparation, v: number | undefined) {
  // what only was shown rounded stays as it is kept
  if (v !== read(field)) {
    const kept = v === undefined || !warm(field) ? v : typedTemperature(v, preferences.units)
    protocol.value = { ...protocol.value, [field]: kept }
  }
}
</script>

<template>
  <NumberField
    v-for="f in FIELDS"
    :key="f.field"
    :model-value="read(f.field)"
    :label="f.label"
    :unit="warm(f.field) ? degree(preferences.units) : f.unit"
    :problem="problemAt(failure, `protocol.${f.field}`)"
    @update:model-value="write(f.field, $event)"
  />
</template>
