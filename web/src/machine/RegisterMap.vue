<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'

/** Where each quantity stands among a roaster's registers; what is not ticked is not read. */
defineProps<{ problemAt: (field: string) => string | undefined }>()
const registers = defineModel<Schemas['LinkSettings']['registers']>({ required: true })

const QUANTITIES = [
  ['bean', 'bean probe, gives °C'],
  ['environment', 'environment probe, gives °C'],
  ['gas', 'gas, %'],
  ['air', 'airflow, %'],
  ['drum', 'drum, 1/min'],
  ['pops', 'cracks heard'],
  ['clock', 'its own clock, s'],
] as const
/** How a number is written; of two registers the low word may come first. */
const LOW = ' low first'
const TYPES = ['i16', 'u16', 'i32', 'u32', 'f32', ...['i32', 'u32', 'f32'].map((t) => t + LOW)]
const read = (name: string) => registers.value[name]!.type + (registers.value[name]!.lowFirst ? LOW : '')
function write(name: string, choice: string) {
  const register = registers.value[name]!
  register.type = choice.replace(LOW, '') as typeof register.type
  register.lowFirst = choice.endsWith(LOW)
}
function toggle(name: string) {
  const map = registers.value
  if (map[name]) {
    delete map[name]
  } else {
    const address = Math.max(-1, ...Object.values(map).map((r) => r.address)) + 1
    map[name] = { address, type: 'i16', lowFirst: false, scale: 0.1, offset: 0 }
  }
}
</script>

<template>
  <div class="table-scroll">
    <table class="plain map">
      <thead>
        <tr>
          <th>what</th>
          <th>register</th>
          <th>number</th>
          <th>× scale</th>
          <th>+ offset</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="[name, label] in QUANTITIES" :key="name">
          <td>
            <label class="tick">
              <input type="checkbox" :checked="!!registers[name]" @change="toggle(name)" />{{ label }}
            </label>
            <span v-if="problemAt(`link.registers.${name}`)" class="ember">{{
              problemAt(`link.registers.${name}`)
            }}</span>
          </td>
          <template v-if="registers[name]">
            <td>
              <NumberField
                v-model="registers[name]!.address"
                :label="`Register of ${label}`"
                bare
                whole
                density="compact"
              />
            </td>
            <td>
              <v-select
                :model-value="read(name)"
                :items="TYPES"
                :aria-label="`Number of ${label}`"
                density="compact"
                class="type"
                @update:model-value="write(name, $event)"
              />
            </td>
            <td>
              <NumberField
                v-model="registers[name]!.scale"
                :label="`Scale of ${label}`"
                bare
                density="compact"
              />
            </td>
            <td>
              <NumberField
                v-model="registers[name]!.offset"
                :label="`Offset of ${label}`"
                bare
                density="compact"
              />
            </td>
          </template>
          <td v-else colspan="4" class="quiet">not read</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
@media (max-width: 700px) {
  .map {
    min-width: 620px;
  }
}
.type {
  min-width: 104px;
}
.map td {
  padding: 2px 4px;
}
.tick {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
.tick input {
  width: 20px;
  height: 20px;
  accent-color: var(--moss);
}
@media (pointer: coarse) {
  .tick input {
    width: 32px;
    height: 32px;
    margin: 6px;
  }
}
</style>
