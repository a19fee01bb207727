<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import { degree, shownTemperature, typedTemperature } from '@/shared/format/units'
import { shown, typed } from '@/shared/format/kinds'
import { usePreferences } from '@/shared/preferences'
import ScaleFields from './ScaleFields.vue'

/** What a roaster can do: its batches, its heat, its controls, and the times between batches. */
defineProps<{ problemAt: (field: string) => string | undefined }>()
const machine = defineModel<Schemas['MachineView']>({ required: true })
const preferences = usePreferences()

const room = computed({
  get: () => Math.round(shownTemperature(machine.value.settings.roomC, preferences.units) * 10) / 10,
  set: (typed: number | undefined) => {
    if (typed !== undefined && typed !== room.value) {
      machine.value.settings.roomC = typedTemperature(typed, preferences.units)
    }
  },
})
const later = computed(() =>
  shown('difference', machine.value.settings.firstBatches?.laterC ?? 0, preferences.units),
)
function begins(part: Partial<Schemas['FirstBatches']>) {
  const s = machine.value.settings
  const next = { warmUpBatch: false, laterC: 0, ...s.firstBatches, ...part }
  if (next.laterC !== (s.firstBatches?.laterC ?? 0) || 'warmUpBatch' in part) {
    s.firstBatches = next
  }
}
const CONTROLS = [
  ['gas', 'Gas', '%'],
  ['air', 'Airflow', '%'],
  ['drum', 'Drum speed', 'rpm'],
] as const
function toggle(control: 'air' | 'drum') {
  const s = machine.value.settings
  s[control] = s[control]
    ? undefined
    : control === 'air'
      ? { min: 0, max: 100, step: 1 }
      : { min: 40, max: 80, step: 1 }
}
</script>

<template>
  <section class="card group">
    <h2>What it can do</h2>
    <v-text-field v-model="machine.name" label="Name" :error-messages="problemAt('name') ?? []" />
    <div class="three">
      <NumberField
        v-model="machine.drumCapacityG"
        label="Drum holds"
        unit="g"
        :problem="problemAt('drumCapacityG')"
      />
      <NumberField
        v-model="machine.settings.batchMinG"
        label="Batch from"
        unit="g"
        :problem="problemAt('batchMinG')"
      />
      <NumberField
        v-model="machine.settings.batchMaxG"
        label="Batch to"
        unit="g"
        :problem="problemAt('batchMaxG')"
      />
      <v-select
        v-model="machine.settings.heatSource"
        :items="['gas', 'electric']"
        label="Heat"
        hide-details
      />
      <NumberField
        v-model="room"
        label="Room"
        :unit="degree(preferences.units)"
        :problem="problemAt('roomC')"
      />
    </div>
    <v-text-field
      v-model="machine.settings.probes"
      label="Probes"
      :error-messages="problemAt('probes') ?? []"
    />
    <div v-for="[control, label, unit] in CONTROLS" :key="control" class="control">
      <v-checkbox
        v-if="control !== 'gas'"
        :model-value="!!machine.settings[control]"
        :label="`${label} can be set`"
        hide-details
        density="compact"
        @update:model-value="toggle(control)"
      />
      <p v-else>Gas</p>
      <template v-if="machine.settings[control]">
        <NumberField
          v-model="machine.settings[control]!.min"
          label="from"
          :unit="unit"
          hide-details
          density="compact"
        />
        <NumberField
          v-model="machine.settings[control]!.max"
          label="to"
          :unit="unit"
          hide-details
          density="compact"
        />
        <NumberField
          v-model="machine.settings[control]!.step"
          label="in steps of"
          :unit="unit"
          hide-details
          density="compact"
        />
        <ScaleFields v-model="machine.settings[control]!" :control="control" :plain="unit" />
      </template>
      <p v-if="problemAt(control)" class="ember problem" role="alert">{{ problemAt(control) }}</p>
    </div>
    <div class="three">
      <NumberField
        v-model="machine.settings.warmUpS"
        label="Warm-up"
        unit="s"
        :problem="problemAt('warmUpS')"
      />
      <NumberField
        v-model="machine.settings.turnaroundS"
        label="Drop to next charge"
        unit="s"
        :problem="problemAt('turnaroundS')"
      />
      <NumberField
        v-model="machine.settings.coolingLimitS"
        label="Cold within"
        unit="s"
        hint="4 minutes when left empty"
        :problem="problemAt('coolingLimitS')"
      />
    </div>
    <v-checkbox
      :model-value="machine.settings.firstBatches?.warmUpBatch ?? false"
      label="The day begins with a warm-up batch"
      hide-details
      density="compact"
      @update:model-value="begins({ warmUpBatch: !!$event })"
    />
    <div class="three">
      <NumberField
        :model-value="later"
        label="Later batches charged higher by"
        :unit="degree(preferences.units)"
        hint="0 when all are charged alike"
        :problem="problemAt('firstBatches.laterC')"
        @update:model-value="
          begins({ laterC: $event === undefined ? 0 : typed('difference', $event, preferences.units) })
        "
      />
    </div>
  </section>
</template>

<style scoped>
.group {
  display: grid;
  gap: 14px;
}
.three {
  display: grid;
  align-items: start;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px;
}
.control {
  display: grid;
  grid-template-columns: 1.7fr 1fr 1fr 1fr;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
.problem {
  grid-column: 1 / -1;
}
@media (max-width: 950px) {
  .three,
  .control {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
