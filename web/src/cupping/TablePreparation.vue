<script setup lang="ts">
import { computed } from 'vue'
import { problemAt, type Failure, type Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import { degree, shownTemperature, typedTemperature } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'

/** How the cups of a table are prepared; what is left empty is not known. */
defineProps<{ failure?: Failure }>()
const protocol = defineModel<Schemas['Preparation']>({ required: true })
const preferences = usePreferences()
const set = (part: Partial<Schemas['Preparation']>) => (protocol.value = { ...protocol.value, ...part })
const water = computed(() => {
  const c = protocol.value.waterC
  return c === undefined ? undefined : Math.round(shownTemperature(c, preferences.units) * 10) / 10
})
function setWater(typed: number | undefined) {
  // what only was shown rounded stays as it is kept
  if (typed !== water.value) {
    set({ waterC: typed === undefined ? undefined : typedTemperature(typed, preferences.units) })
  }
}
</script>

<template>
  <NumberField
    :model-value="protocol.doseG"
    label="Dose"
    unit="g"
    :problem="problemAt(failure, 'protocol.doseG')"
    @update:model-value="set({ doseG: $event })"
  />
  <NumberField
    :model-value="protocol.waterMl"
    label="Water"
    unit="mL"
    :problem="problemAt(failure, 'protocol.waterMl')"
    @update:model-value="set({ waterMl: $event })"
  />
  <NumberField
    :model-value="water"
    label="As poured"
    :unit="degree(preferences.units)"
    :problem="problemAt(failure, 'protocol.waterC')"
    @update:model-value="setWater"
  />
  <NumberField
    :model-value="protocol.tdsPpm"
    label="Solids in it"
    unit="ppm"
    :problem="problemAt(failure, 'protocol.tdsPpm')"
    @update:model-value="set({ tdsPpm: $event })"
  />
</template>
