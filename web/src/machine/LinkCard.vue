<script setup lang="ts">
import { computed, ref } from 'vue'
import { proof, type Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import LinkTrial from './LinkTrial.vue'
import PlausibleRange from './PlausibleRange.vue'
import RegisterMap from './RegisterMap.vue'
import SerialLine from './SerialLine.vue'
import { wordsOf } from '@/shared/format/words'

type Link = Schemas['LinkSettings']

/** How a roaster is read: the way, and for Modbus the register map. */
const props = defineProps<{
  machineId: number
  /** Whether one of its controls has a scale of its own. */
  ownScale?: boolean
  problemAt: (field: string) => string | undefined
}>()
const link = defineModel<Link | undefined>()
const problem = ref('')

const KINDS = wordsOf('RoasterLinkSpecKind')
const fresh = (): Link => ({
  kind: 'by-hand',
  host: '',
  port: 502,
  unitId: 1,
  table: 'input',
  pollMs: 500,
  registers: { bean: { address: 0, type: 'i16', lowFirst: false, scale: 0.1, offset: 0 } },
  speed: 1,
})
const freshLine = (): Schemas['SerialLine'] => ({ device: '', baud: 19200, parity: 'even', stopBits: 1 })
const kind = computed({
  get: () => link.value?.kind ?? 'by-hand',
  set: (k) => {
    const before = link.value ?? fresh()
    // whole at once: what was just set is not read back before the page was drawn again
    link.value = { ...before, kind: k, ...(k === 'modbus-rtu' ? { line: before.line ?? freshLine() } : {}) }
  },
})
const modbus = computed(() => kind.value === 'modbus' || kind.value === 'modbus-rtu')
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
</script>

<template>
  <section class="card group">
    <h2>How it is read</h2>
    <p class="quiet">Barrowmist only reads: it proposes and records, and never commands a burner.</p>
    <v-select v-model="kind" :items="KINDS" label="Link" />
    <SerialLine v-if="link?.line && kind === 'modbus-rtu'" v-model="link.line" :problem-at="problemAt" />
    <template v-if="link && modbus">
      <div class="three">
        <template v-if="kind === 'modbus'">
          <v-text-field v-model="link.host" label="Address" :error-messages="problemAt('link.host') ?? []" />
          <NumberField v-model="link.port" label="Port" whole :problem="problemAt('link.port')" />
        </template>
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
    <v-checkbox
      v-if="link && ownScale && (modbus || kind === 'pushed')"
      v-model="link.ownScale"
      label="Gas, air and drum come in the roaster’s own scale"
      hide-details
      density="compact"
    />
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
    <p v-if="problem" class="ember" role="alert">{{ problem }}</p>
    <LinkTrial v-if="kind !== 'by-hand'" :machine-id="machineId" :link="link ?? fresh()" />
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
.file input {
  display: block;
}
</style>
