<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { usePreferences } from '@/shared/preferences'
import MoveDialog from './MoveDialog.vue'
import ControlSlider from './ControlSlider.vue'
import PlanSlider from './PlanSlider.vue'
import MoveRow from './MoveRow.vue'
import type { Content, Move } from './plan'

/** The controls: charge, batch, where gas and air stand at charge, and each planned move, all as sliders. */
defineProps<{ settings: Schemas['MachineSettings'] }>()
const content = defineModel<Content>({ required: true })
const preferences = usePreferences()

const editing = ref<{ index: number; move: Move }>()
const order = (m: Move) => m.when.timeS ?? (m.when.beanC !== undefined ? 1000 + m.when.beanC : 2000)
const moves = computed(() =>
  content.value.steps.map((move, index) => ({ move, index })).sort((a, b) => order(a.move) - order(b.move)),
)

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
    <ControlSlider
      v-model="content.atCharge.gasPct"
      label="gas at charge"
      control="gas"
      :range="settings.gas"
    />
    <ControlSlider
      v-if="settings.air"
      v-model="content.atCharge.airflowPct"
      label="air at charge"
      control="air"
      :range="settings.air"
    />
    <div class="head">
      <p class="label">Moves</p>
      <v-btn variant="outlined" @click="add">Add a move</v-btn>
    </div>
    <MoveRow
      v-for="{ move, index } in moves"
      :key="index"
      :model-value="move"
      :settings="settings"
      @edit="editing = { index, move }"
      @remove="remove(index)"
    />
    <MoveDialog
      v-if="editing"
      :move="editing.move"
      :settings="settings"
      @put="put"
      @close="editing = undefined"
    />
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
</style>
