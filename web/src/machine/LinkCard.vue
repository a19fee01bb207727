<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { answer, api, type Schemas, proof } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import PlausibleRange from './PlausibleRange.vue'
import RegisterMap from './RegisterMap.vue'
import { usePreferences } from '@/shared/preferences'

type Link = Schemas['LinkSettings']

/** How a roaster is read: the way, the register map, and a trial that shows what it says. */
const props = defineProps<{ machineId: number; problemAt: (field: string) => string | undefined }>()
const link = defineModel<Link | undefined>()
const preferences = usePreferences()
const tried = shallowRef<Schemas['LinkTest']>()
const problem = ref('')
const trying = ref(false)

const KINDS = [
  { title: 'by hand: temperatures are typed', value: 'by-hand' },
  { title: 'Modbus TCP', value: 'modbus' },
  { title: 'pushed by another logger', value: 'pushed' },
  { title: 'a log played again', value: 'replay' },
  { title: 'simulator in this computer', value: 'simulated' },
]
const fresh = (): Link => ({
  kind: 'by-hand',
  host: '',
  port: 502,
  unitId: 1,
  table: 'input',
  pollMs: 500,
  registers: { bean: { address: 0, type: 'i16', scale: 0.1, offset: 0 } },
  speed: 1,
})
const kind = computed({
  get: () => link.value?.kind ?? 'by-hand',
  set: (k) => (link.value = { ...(link.value ?? fresh()), kind: k }),
})
async function tryIt() {
  trying.value = true
  const result = await answer(
    api.POST('/api/machines/{id}/link-test', {
      params: {
        path: { id: props.machineId },
        query: { fahrenheit: preferences.units.temperature === 'F' },
      },
      body: link.value ?? fresh(),
    }),
  )
  trying.value = false
  tried.value = result.data
  problem.value = result.failure?.problems[0]?.message ?? result.failure?.message ?? ''
}
async function replay(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) {
    return
  }
  const response = await fetch(`/api/machines/${props.machineId}/replay`, {
    method: 'PUT',
    headers: { 'Content-Type': 'text/csv', ...proof() },
    body: file,
  })
  problem.value = response.ok ? '' : 'This log cannot be read: import it once to see what is wrong with it.'
}
const says = computed(() => {
  const t = tried.value
  if (!t?.answered) {
    return []
  }
  const rows: [string, string][] = []
  const add = (name: string, v: number | undefined, text: (n: number) => string) => {
    if (v !== undefined) {
      rows.push([name, text(v)])
    }
  }
  add('bean', t.beanC, preferences.temperatureText)
  add('environment', t.environmentC, preferences.temperatureText)
  add('gas', t.gasPct, (n) => `${n.toFixed(0)} %`)
  add('air', t.airflowPct, (n) => `${n.toFixed(0)} %`)
  add('drum', t.drumRpm, (n) => `${n.toFixed(0)} /min`)
  add('cracks', t.pops, (n) => n.toFixed(0))
  add('clock', t.clockS, (n) => `${n.toFixed(1)} s`)
  return rows
})
</script>

<template>
  <section class="card group">
    <h2>How it is read</h2>
    <p class="quiet">Barrowmist only reads: it proposes and records, and never commands a burner.</p>
    <v-select v-model="kind" :items="KINDS" label="Link" />
    <template v-if="link && kind === 'modbus'">
      <div class="three">
        <v-text-field v-model="link.host" label="Address" :error-messages="problemAt('link.host') ?? []" />
        <NumberField v-model="link.port" label="Port" whole :problem="problemAt('link.port')" />
        <NumberField v-model="link.unitId" label="Unit" whole :problem="problemAt('link.unitId')" />
        <v-select v-model="link.table" :items="['input', 'holding']" label="Registers" />
        <NumberField
          v-model="link.pollMs"
          label="Read every"
          unit="ms"
          whole
          :problem="problemAt('link.pollMs')"
        />
      </div>
      <RegisterMap v-model="link.registers" :problem-at="problemAt" />
    </template>
    <p v-if="kind === 'pushed'" class="quiet">
      The other logger sends each reading to <code>POST /api/machines/{{ machineId }}/readings</code>, as
      docs/formats.md shows. Five seconds without one and the roaster is not heard any more.
    </p>
    <PlausibleRange
      v-if="link?.bean && link.environment && kind !== 'by-hand'"
      v-model="link"
      :problem-at="problemAt"
    />
    <div v-if="link && (kind === 'replay' || kind === 'simulated')" class="three">
      <NumberField v-model="link.speed" label="Speed" unit="×" :problem="problemAt('link.speed')" />
      <NumberField v-model="link.pollMs" label="Read every" unit="ms" whole />
      <label v-if="kind === 'replay'" class="file"
        >Log<input type="file" accept=".csv,text/csv" @change="replay"
      /></label>
    </div>
    <div v-if="kind !== 'by-hand'" class="try">
      <v-btn variant="outlined" :loading="trying" @click="tryIt">Test the connection</v-btn>
      <span v-if="problem" class="ember" role="alert">{{ problem }}</span>
      <span v-else-if="tried" role="status" :class="{ ember: !tried.answered || tried.doubts.length }">{{
        tried.text
      }}</span>
    </div>
    <ul v-if="tried?.doubts.length" class="doubts" aria-label="What can hardly be true">
      <li v-for="d in tried.doubts" :key="d">{{ d }}</li>
    </ul>
    <dl v-if="says.length" class="says">
      <div v-for="[name, value] in says" :key="name">
        <dt>{{ name }}</dt>
        <dd>{{ value }}</dd>
      </div>
    </dl>
  </section>
</template>

<style scoped>
.group {
  display: grid;
  gap: 14px;
}
.three {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px;
}
@media (max-width: 700px) {
  .three {
    grid-template-columns: minmax(0, 1fr);
  }
}
.try {
  display: flex;
  gap: 12px;
  align-items: center;
}
.doubts {
  list-style: none;
  padding-left: 12px;
  border-left: 4px solid var(--ember);
}
.says {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 24px;
}
.says div {
  display: flex;
  gap: 8px;
}
.says dt {
  color: var(--ink-2);
}
.says dd {
  font-weight: 600;
}
.file input {
  display: block;
}
</style>
