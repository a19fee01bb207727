<script setup lang="ts">
import { typedTemperature } from '@/shared/format/units'
import { computed, reactive, ref, watch } from 'vue'
import { baseOf, controlUnit, shownControl } from '@/shared/format/controls'
import NumberField from '@/shared/components/NumberField.vue'
import { clock, parseClock } from '@/shared/format/text'
import { degree, shownTemperature } from '@/shared/format/units'
import { shown, typed, unitOf } from '@/shared/format/kinds'
import { usePreferences } from '@/shared/preferences'
import { useControls } from '@/shared/useControls'
import type { Move } from './plan'
import { wordsOf } from '@/shared/format/words'

/** When a control moves, which, and where to. */
const props = defineProps<{ move: Move }>()
const emit = defineEmits<{ put: [Move]; close: [] }>()
const preferences = usePreferences()
const { ranges } = useControls()

const draft = reactive({
  kind: props.move.when.kind,
  time: clock(props.move.when.timeS ?? 240),
  bean: Math.round(shownTemperature(props.move.when.beanC ?? 180, preferences.units)),
  event: props.move.when.event ?? 'first_crack',
  after: clock(props.move.when.afterS ?? 0),
  environment: Math.round(shownTemperature(props.move.when.environmentC ?? 190, preferences.units)),
  before: clock(props.move.when.beforeS ?? 30),
  rate: shown('rate', props.move.when.cPerMin ?? 8, preferences.units),
  control: props.move.control,
  value: shownControl(props.move.value, ranges.value[props.move.control]) as number | undefined,
})
const open = ref(true)
const KINDS = wordsOf('WhenViewKind')
const FORETOLD = ['dry_end', 'first_crack']
const FOLLOWED = ['turning_point', ...FORETOLD]
const ofEnvironment = computed(() => draft.kind.startsWith('environment'))
const choice = computed(() =>
  wordsOf('EventKind').filter((e) => (draft.kind === 'before' ? FORETOLD : FOLLOWED).includes(e.value)),
)
const CONTROLS = wordsOf('ControlStepControl')
const range = computed(() => ranges.value[draft.control])
// per cent of gas and of air are alike; where a scale of its own or the drum comes in, the old value says nothing
watch(
  () => draft.control,
  (now, before) => {
    const alike = [now, before].every((c) => c !== 'drum' && !ranges.value[c]?.scale)
    draft.value = alike ? draft.value : undefined
  },
)
const celsius = (shown: number) => typedTemperature(shown, preferences.units)
const timeS = computed(() => parseClock(draft.time))
const afterS = computed(() => parseClock(draft.after))
const beforeS = computed(() => parseClock(draft.before))
const problem = computed(() => {
  if (draft.kind === 'time' && timeS.value === undefined) {
    return 'Write the time as minutes and seconds, such as 4:30'
  }
  if (draft.kind === 'event' && afterS.value === undefined) {
    return 'Write the time after the event as minutes and seconds, such as 0:20'
  }
  if (draft.kind === 'before' && (!beforeS.value || !FORETOLD.includes(draft.event))) {
    return 'Write the time before dry end or first crack as minutes and seconds, such as 0:30'
  }
  return draft.value === undefined ? 'Write where the control moves to' : ''
})

function put() {
  if (problem.value) {
    return
  }
  const when = {
    time: { kind: 'time' as const, timeS: timeS.value },
    bean: { kind: 'bean' as const, beanC: celsius(draft.bean) },
    event: { kind: 'event' as const, event: draft.event, afterS: afterS.value },
    before: { kind: 'before' as const, event: draft.event, beforeS: beforeS.value },
    'environment-falling': { kind: 'environment-falling' as const, environmentC: celsius(draft.environment) },
    'environment-rising': { kind: 'environment-rising' as const, environmentC: celsius(draft.environment) },
    rate: { kind: 'rate' as const, cPerMin: typed('rate', draft.rate, preferences.units) },
  }[draft.kind]
  emit('put', { when, control: draft.control, value: baseOf(draft.value!, range.value) })
}
</script>

<template>
  <v-dialog v-model="open" max-width="440" @after-leave="emit('close')">
    <form class="card move" novalidate @submit.prevent="put">
      <h2>A move</h2>
      <v-select v-model="draft.kind" :items="KINDS" label="It comes" hide-details />
      <v-text-field
        v-if="draft.kind === 'time'"
        v-model="draft.time"
        label="Time since charge"
        hide-details
      />
      <NumberField
        v-if="draft.kind === 'bean'"
        v-model="draft.bean"
        label="Bean probe, rising"
        :unit="degree(preferences.units)"
      />
      <NumberField
        v-if="ofEnvironment"
        v-model="draft.environment"
        label="Environment probe"
        :unit="degree(preferences.units)"
      />
      <NumberField
        v-if="draft.kind === 'rate'"
        v-model="draft.rate"
        label="Rate of rise"
        :unit="unitOf('rate', preferences.units)"
      />
      <template v-if="draft.kind === 'event' || draft.kind === 'before'">
        <v-select v-model="draft.event" :items="choice" label="Event" hide-details />
        <v-text-field
          v-if="draft.kind === 'event'"
          v-model="draft.after"
          label="So long after it"
          hide-details
        />
        <v-text-field v-else v-model="draft.before" label="So long before it" hide-details />
      </template>
      <v-select v-model="draft.control" :items="CONTROLS" label="Control" hide-details />
      <NumberField v-model="draft.value" label="Moves to" :unit="controlUnit(draft.control, range)" />
      <p v-if="problem" class="ember" role="alert">{{ problem }}</p>
      <div class="actions">
        <v-btn type="submit" color="primary" :disabled="!!problem">Put it in</v-btn>
        <v-btn variant="text" @click="open = false">Leave it</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.move {
  display: grid;
  gap: 12px;
}
.actions {
  display: flex;
  gap: 10px;
}
</style>
