<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useLocalStorage, useThrottleFn } from '@vueuse/core'
import { answer, api } from '@/shared/api/client'
import { beep } from '@/shared/beep'
import { useLoad } from '@/shared/api/useLoad'
import ChoosePanel from './ChoosePanel.vue'
import CoolingPanel from './CoolingPanel.vue'
import DayDrift from './DayDrift.vue'
import DeskBar from './DeskBar.vue'
import DeskTitle from './DeskTitle.vue'
import LeverForm from './LeverForm.vue'
import LinkNote from './LinkNote.vue'
import NoteForm from './NoteForm.vue'
import PreparePanel from './PreparePanel.vue'
import RoastPanel from './RoastPanel.vue'
import TypedReadings from './TypedReadings.vue'
import { usePlanCurve } from './planCurve'
import { useDesk } from './useDesk'
import { useDeskKeys } from './useDeskKeys'
import { useMoves } from './useMoves'
import { useOverrun } from './useOverrun'
import { usePrimary } from './usePrimary'
import { usePulls } from './usePulls'
import { useSeenWarning } from './useSeenWarning'
import { useUndo } from './useUndo'
import type { Schemas } from '@/shared/api/client'

/** The roast desk: one roaster, one batch, one hand. */
const machineId = Number(useRoute().params.id)
const desk = useDesk(machineId)
const state = desk.state
const batch = computed(() => state.value?.batch)
const phase = computed(() => state.value?.phase)
const { prediction, band, planned } = usePlanCurve(batch)
const roasts = useLoad(() =>
  answer(api.GET('/api/roasts/search', { params: { query: { machineId, size: 20 } } })),
)
const { move, asking } = useMoves(machineId, desk, planned)
const sound = useLocalStorage('barrowmist.desk.sound', false)
const choose = ref<InstanceType<typeof ChoosePanel>>()
const choosing = ref(false)
const noting = ref(false)

const SLIP_MS = 900
const roasting = computed(() => phase.value === 'roasting')
const { pullG, pull, pullWeighs } = usePulls(
  (grams) => roasting.value && void desk.control('pull', grams),
  SLIP_MS,
)
const { last, undo, undoText } = useUndo(desk)
const { seen, warningId } = useSeenWarning(state, () => sound.value && beep())

const { hush } = useOverrun(state, sound)

const primary = usePrimary({ desk, choosing, prepare: () => choose.value?.prepareNext(), mark })
// a second touch within a moment is one
const press = useThrottleFn(() => primary.value.run(), SLIP_MS)
function mark(kind: Schemas['EventKind']) {
  if (state.value?.phase === 'preparing' ? kind === 'charge' : roasting.value) {
    void desk.mark(kind)
  }
}
const readings = ref<InstanceType<typeof TypedReadings>>()
/** Where temperatures are typed, a digit is one of a temperature, wherever the focus is. */
function digit(key: string) {
  readings.value?.begin(key)
  return !!readings.value
}
function sense(text: string) {
  if (roasting.value) {
    void desk.note(text)
  }
}
async function prepare(entry: Parameters<typeof desk.prepare>[0]) {
  await desk.prepare(entry)
  choosing.value = false
}
useDeskKeys({
  press,
  mark,
  move,
  undo,
  sense,
  digit,
  note: () => (noting.value = true),
  pull,
  leaveOut: () => void desk.leaveOut(),
  see: () => (seen.value = warningId.value ?? ''),
  hush,
})
watch(phase, (now, before) => {
  if (now === 'idle' || (before === 'cooling' && now === 'preparing')) {
    choosing.value = false
  }
})
</script>

<template>
  <div class="desk" data-keys-pass>
    <div class="page-head">
      <DeskTitle :state="state" />
      <span class="spacer" />
      <LinkNote
        v-if="state"
        :link="state.link"
        :machine-name="state.machineName"
        :heard="desk.heard.value"
        :waiting="desk.waiting.value"
      />
    </div>
    <p v-if="desk.refused.value" class="card refused" role="alert">
      {{ desk.refused.value.problems[0]?.message ?? desk.refused.value.message }}
    </p>
    <p v-if="!state" class="card">Waiting for the server…</p>
    <template v-else>
      <TypedReadings
        v-if="state.link.status === 'by-hand' && batch && phase !== 'cooling'"
        ref="readings"
        :state="state"
        @typed="desk.typed"
      />
      <ChoosePanel
        v-if="phase === 'idle' || choosing"
        ref="choose"
        :machine-id="machineId"
        @prepare="prepare"
      />
      <PreparePanel
        v-else-if="phase === 'preparing'"
        :state="state"
        @step="desk.stepDone"
        @weighed="desk.weighed"
        @warm-up="desk.control('warm-up', $event ? 1 : 0)"
        @cancel="desk.finish"
      />
      <RoastPanel
        v-else-if="roasting"
        :state="state"
        :columns="desk.columns.value"
        :band="band"
        :planned="prediction?.curve"
        :roasts="roasts.data.value?.roasts ?? []"
        :seen="!!warningId && seen === warningId"
        @seen="seen = warningId ?? ''"
        @later="desk.leaveOut"
        @done="(c: string, v: number) => desk.control(c as 'gas' | 'air' | 'drum', v)"
      />
      <CoolingPanel v-else :state="state" />
      <DayDrift
        v-if="phase !== 'roasting'"
        :machine-id="machineId"
        :again="`${phase}${batch?.roastId ?? ''}`"
      />

      <LeverForm
        v-if="asking"
        :key="asking"
        :control="asking"
        @stands="desk.control(asking!, $event)"
        @done="asking = undefined"
      />
      <NoteForm v-if="noting" @note="desk.note" @done="noting = false" />
      <DeskBar
        :says="primary.says"
        :phase="state.phase"
        :undo-text="undoText"
        :undoable="!!last"
        :sound="sound"
        :prompt="state.prompt"
        :pull-g="pullG"
        @press="press"
        @mark="mark"
        @move="move"
        @pull="pull"
        @pull-weighs="pullWeighs"
        @note="noting = true"
        @sense="sense"
        @undo="undo"
        @sound="hush"
      />
    </template>
  </div>
</template>

<style scoped>
.desk {
  display: grid;
  gap: 12px;
}
.page-head {
  margin: 0;
}
.refused {
  border-color: var(--ember);
}
</style>
