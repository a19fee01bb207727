<script setup lang="ts">
import { computed, reactive } from 'vue'
import type { Mapping } from './importing'

/** Asks what the unknown headings of a file mean. */
const props = defineProps<{ mapping: Mapping }>()
const emit = defineEmits<{ done: [map: string[]]; cancel: [] }>()

const MEANINGS: Record<string, string> = {
  time: 'time',
  bean_c: 'bean probe, °C',
  bean_f: 'bean probe, °F',
  environment_c: 'environment or exhaust, °C',
  environment_f: 'environment or exhaust, °F',
  gas_pct: 'gas, % of full',
  gas_kpa: 'gas pressure, kPa',
  gas_mbar: 'gas pressure, mbar',
  gas_dial: 'gas, as the roaster’s own dial reads',
  airflow_pct: 'airflow, % of full',
  airflow_dial: 'airflow, as the roaster’s own dial reads',
  drum_rpm: 'drum, 1/min',
  drum_dial: 'drum, as the roaster’s own dial reads',
  event: 'event',
}
const chosen = reactive<Record<string, string>>({})
const options = computed(() => [
  ...props.mapping.known.map((k) => ({ title: MEANINGS[k] ?? k, value: k })),
  { title: 'leave this column out', value: 'ignore' },
])
const complete = computed(() => props.mapping.unknown.every((h) => chosen[h]))
const sample = (heading: string) => {
  const column = props.mapping.headings.indexOf(heading)
  return props.mapping.firstRows
    .map((row) => row[column] ?? '')
    .filter(Boolean)
    .join(', ')
}

function done() {
  emit(
    'done',
    props.mapping.unknown.map((h) => `${h.trim()}:${chosen[h]}`),
  )
}
</script>

<template>
  <v-dialog :model-value="true" aria-labelledby="mapping-title" @update:model-value="emit('cancel')">
    <form class="card" @submit.prevent="done">
      <h2 id="mapping-title">What do these columns mean?</h2>
      <p class="quiet mb-4">Their headings are not known. Nothing has been kept yet.</p>
      <div v-for="heading in mapping.unknown" :key="heading" class="row">
        <div>
          <b>{{ heading }}</b>
          <p class="quiet">{{ sample(heading) || 'empty in the first rows' }}</p>
        </div>
        <v-select v-model="chosen[heading]" :items="options" :label="`${heading} is`" />
      </div>
      <div class="actions">
        <v-btn type="submit" color="primary" :disabled="!complete">Import with these</v-btn>
        <v-btn variant="outlined" @click="emit('cancel')">Cancel</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
  margin-bottom: 14px;
  align-items: center;
}
.actions {
  display: flex;
  gap: 10px;
}
</style>
