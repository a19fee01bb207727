<script setup lang="ts">
import { computed, ref } from 'vue'
import { mdiClose, mdiPencil } from '@mdi/js'
import type { Schemas } from '@/shared/api/client'
import { usePreferences } from '@/shared/preferences'
import MoveDialog from './MoveDialog.vue'
import PlanSlider from './PlanSlider.vue'
import { whenText, type Content, type Move } from './plan'

/** The controls: charge, batch, where gas and air stand at charge, and each planned move, all as sliders. */
const props = defineProps<{ settings: Schemas['MachineSettings'] }>()
const content = defineModel<Content>({ required: true })
const preferences = usePreferences()

const editing = ref<{ index: number; move: Move }>()
const order = (m: Move) => m.when.timeS ?? (m.when.beanC !== undefined ? 1000 + m.when.beanC : 2000)
const moves = computed(() =>
  content.value.steps.map((move, index) => ({ move, index })).sort((a, b) => order(a.move) - order(b.move)),
)
const NAMES = { gas: 'gas', air: 'air', drum: 'drum' }
const range = (control: Move['control']) =>
  control === 'gas' ? props.settings.gas : control === 'air' ? props.settings.air : props.settings.drum
const unit = (control: Move['control']) => (control === 'drum' ? ' rpm' : ' %')

function add() {
  editing.value = { index: -1, move: { when: { kind: 'bean', beanC: 180 }, control: 'gas', value: 60 } }
}
function put(move: Move) {
  const steps = [...content.value.steps]
  if (editing.value!.index < 0) {
    steps.push(move)
  } else {
    steps[editing.value!.index] = move
  }
  content.value.steps = steps
  editing.value = undefined
}
const remove = (index: number) => (content.value.steps = content.value.steps.filter((_, i) => i !== index))
</script>

<template>
  <section class="card controls" aria-labelledby="controls-title">
    <h2 id="controls-title">What if</h2>
    <PlanSlider
      v-model="content.chargeC"
      label="charge"
      :min="160"
      :max="230"
      :step="1"
      :text="preferences.temperatureText(content.chargeC)"
    />
    <PlanSlider
      v-model="content.greenG"
      label="batch"
      :min="settings.batchMinG"
      :max="settings.batchMaxG"
      :step="1"
      :text="`${content.greenG} g`"
    />
    <PlanSlider
      v-model="content.atCharge.gasPct"
      label="gas at charge"
      :min="settings.gas.min"
      :max="settings.gas.max"
      :step="settings.gas.step"
      :text="`${content.atCharge.gasPct} %`"
    />
    <PlanSlider
      v-if="settings.air"
      v-model="content.atCharge.airflowPct"
      label="air at charge"
      :min="settings.air.min"
      :max="settings.air.max"
      :step="settings.air.step"
      :text="`${content.atCharge.airflowPct} %`"
    />
    <div class="head">
      <p class="label">Moves</p>
      <v-btn variant="outlined" @click="add">Add a move</v-btn>
    </div>
    <div v-for="{ move, index } in moves" :key="index" class="move">
      <PlanSlider
        v-model="move.value"
        :label="`${NAMES[move.control]} ${whenText(move.when, preferences)}`"
        :min="range(move.control)?.min ?? 0"
        :max="range(move.control)?.max ?? 100"
        :step="range(move.control)?.step ?? 1"
        :text="`${move.value}${unit(move.control)}`"
      />
      <v-btn
        icon
        size="small"
        variant="text"
        :aria-label="`Change when: ${NAMES[move.control]} ${whenText(move.when, preferences)}`"
        @click="editing = { index, move }"
        ><v-icon :icon="mdiPencil"
      /></v-btn>
      <v-btn
        icon
        size="small"
        variant="text"
        :aria-label="`Remove: ${NAMES[move.control]} ${whenText(move.when, preferences)}`"
        @click="remove(index)"
        ><v-icon :icon="mdiClose"
      /></v-btn>
    </div>
    <MoveDialog v-if="editing" :move="editing.move" @put="put" @close="editing = undefined" />
  </section>
</template>

<style scoped>
.controls {
  display: grid;
  gap: 4px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin-top: 6px;
}
.move {
  display: grid;
  grid-template-columns: 1fr auto auto;
  align-items: center;
}
</style>
