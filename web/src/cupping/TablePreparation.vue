<script setup lang="ts">
import { computed } from 'vue'
import { problemAt, type Failure, type Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import { degree, shownTemperature, typedTemperature } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'
import { PREPARED, SERVINGS, TIMED, type PreparedField } from './laying'

/** How the cups of a table are prepared; what is left empty is not known. */
type Field = PreparedField['field']
defineProps<{ failure?: Failure }>()
const protocol = defineModel<Schemas['Preparation']>({ required: true })
const preferences = usePreferences()
const serving = computed(() => protocol.value.serving ?? 'black')
const timed = computed(() => (serving.value === 'espresso' ? [] : TIMED))
const own = computed(() => timed.value.some((f) => protocol.value[f.field] !== undefined))
/** Parts of drink to one of coffee. */
const ratio = computed(() => {
  const { doseG, waterMl, yieldG } = protocol.value
  const out = serving.value === 'espresso' ? yieldG : waterMl
  return doseG && out ? `1 : ${(out / doseG).toFixed(1)}` : undefined
})
const warm = (f: PreparedField) => f.unit === '°C'
function read(f: PreparedField) {
  const v = protocol.value[f.field]
  return v === undefined || !warm(f) ? v : Math.round(shownTemperature(v, preferences.units) * 10) / 10
}
function write(f: PreparedField, v: number | undefined) {
  // what only was shown rounded stays as it is kept
  if (v !== read(f)) {
    put(f.field, v === undefined || !warm(f) ? v : typedTemperature(v, preferences.units))
  }
}
const put = (field: Field | 'serving' | 'grind', v: number | string | undefined) =>
  (protocol.value = { ...protocol.value, [field]: v === '' ? undefined : v })
</script>

<template>
  <v-select
    :model-value="serving"
    :items="SERVINGS"
    label="Drunk"
    hide-details
    @update:model-value="put('serving', $event)"
  />
  <NumberField
    v-for="f in PREPARED[serving]"
    :key="f.field"
    :model-value="read(f)"
    :label="f.label"
    :unit="warm(f) ? degree(preferences.units) : f.unit"
    :whole="f.whole"
    :problem="problemAt(failure, `protocol.${f.field}`)"
    @update:model-value="write(f, $event)"
  />
  <v-text-field
    :model-value="protocol.grind ?? ''"
    label="Ground how"
    placeholder="a little coarser than for filter"
    maxlength="80"
    hide-details
    autocomplete="off"
    @update:model-value="put('grind', $event)"
  />
  <p v-if="ratio" class="quiet ratio">
    Coffee to {{ serving === 'espresso' ? 'espresso' : 'water' }} {{ ratio }}
  </p>
  <details v-if="timed.length" class="timed" :open="own">
    <summary>Break and taste at our own time</summary>
    <div class="fields">
      <NumberField
        v-for="f in timed"
        :key="f.field"
        :model-value="read(f)"
        :label="f.label"
        :unit="warm(f) ? degree(preferences.units) : f.unit"
        :problem="problemAt(failure, `protocol.${f.field}`)"
        @update:model-value="write(f, $event)"
      />
    </div>
    <p class="quiet">Left empty: as the published protocol asks. A time goes before a temperature.</p>
  </details>
  <p v-if="serving === 'milk'" class="caution wide">
    Milk is an allergen: ask who tastes before it is poured, and say which it is.
  </p>
</template>

<style scoped>
.ratio {
  align-self: center;
}
.timed,
.wide {
  grid-column: 1 / -1;
}
.timed summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  gap: 10px;
  font-weight: 600;
}
.timed summary::before {
  content: '+';
}
.timed[open] summary::before {
  content: '–';
}
.fields {
  display: grid;
  gap: 12px;
  grid-template-columns: repeat(auto-fit, minmax(185px, 220px));
}
</style>
