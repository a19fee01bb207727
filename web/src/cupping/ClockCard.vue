<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useIntervalFn } from '@vueuse/core'
import { answer, api, type Answer, type Failure } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { clock as clockText } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import { useWho } from '@/shared/who'
import BeforePour from './BeforePour.vue'
import CupThermometer from './CupThermometer.vue'
import { sampleNow, stepAt, type Clock } from './clock'
import { labelOf, meaningOf, type Code } from '@/shared/format/words'

/** The table's clock: the one thing to do now, large; it is the server's, the same on every screen. */
const props = defineProps<{
  id: number
  names: Record<string, string>
  /** The clock as somebody else has loaded it: it is looked at, and not touched. */
  clock?: Clock
}>()
/** The one thing to do. */
const toDo = (stage: Code<'TableClockStage'>) => meaningOf('TableClockStage', stage)
/** So long before its time a break can be noted: some break early, and that is worth knowing. */
const OFFERED_S = 90
const preferences = usePreferences()
const path = { params: { path: { id: props.id } } }
const only = !!props.clock
const who = useWho()
const mayTouch = computed(() => !only && who.prepares)
const loaded = useLoad<Clock>(() =>
  props.clock ? Promise.resolve({ data: props.clock }) : answer(api.GET('/api/cuppings/{id}/clock', path)),
)
const view = shallowRef<Clock>()
/** How far this device's clock is behind the server's, ms. */
const behindMs = ref(0)
const nowMs = ref(Date.now())
const failure = ref<Failure>()
const gapS = ref<number>()
const again = ref(false)

function take(clock: Clock) {
  behindMs.value = Date.parse(clock.now) - Date.now()
  nowMs.value = Date.now()
  view.value = clock
}
watch(
  () => (only ? props.clock : loaded.data.value),
  (clock) => {
    if (clock) {
      gapS.value ??= clock.gapS
      take(clock)
    }
  },
  { immediate: true },
)
useIntervalFn(() => (nowMs.value = Date.now()), 200)
// somebody else pours, breaks or reads
useIntervalFn(() => only || loaded.reload(), 3000)

const atS = computed(() =>
  view.value?.pouredAt === undefined
    ? undefined
    : Math.max(0, (nowMs.value + behindMs.value - Date.parse(view.value.pouredAt)) / 1000),
)
const step = computed(() => (view.value && atS.value !== undefined ? stepAt(view.value, atS.value) : {}))
const sample = computed(() =>
  view.value && atS.value !== undefined && step.value.now
    ? sampleNow(view.value, step.value.now.stage, atS.value)
    : undefined,
)
const name = (code: string) => props.names[code] ?? code
const say = computed(() => {
  const stage = step.value.now?.stage
  if (!stage) {
    return ''
  }
  if (stage === 'pour' && sample.value) {
    const due = sample.value.pourS
    return `${toDo('pour')} ${name(sample.value.code)}${due > (atS.value ?? 0) ? ` at ${clockText(due)}` : ''}`
  }
  return stage === 'break' && sample.value
    ? `${toDo('break')} ${name(sample.value.code)}`
    : stage === 'break'
      ? 'All broken: skim'
      : toDo(stage)
})
const wrongBreaks = computed(() => (view.value?.samples ?? []).filter((s) => s.early || s.late))

async function send(call: Promise<Answer<Clock>>) {
  const result = await call
  failure.value = result.failure
  if (result.data) {
    take(result.data)
  } else {
    await loaded.reload()
  }
}
const ground = (covered: boolean) =>
  send(answer(api.POST('/api/cuppings/{id}/clock/ground', { ...path, body: { covered } })))
const notGround = () => send(answer(api.DELETE('/api/cuppings/{id}/clock/ground', path)))
const poured = (code: string) =>
  send(answer(api.POST('/api/cuppings/{id}/clock/pours', { ...path, body: { code } })))
const pour = () =>
  send(answer(api.POST('/api/cuppings/{id}/clock/pour', { ...path, body: { gapS: gapS.value } })))
const takeBack = () => {
  again.value = false
  return send(answer(api.DELETE('/api/cuppings/{id}/clock/pour', path)))
}
const broke = (code: string) =>
  send(answer(api.POST('/api/cuppings/{id}/clock/breaks', { ...path, body: { code } })))
const read = (c: number) =>
  send(answer(api.POST('/api/cuppings/{id}/clock/readings', { ...path, body: { c } })))
</script>

<template>
  <section v-if="view && view.steps.length" class="card clock" aria-label="Clock of the table">
    <span v-if="atS === undefined && !mayTouch" class="quiet">The clock begins with the pour.</span>
    <BeforePour
      v-else-if="atS === undefined"
      v-model:gap-s="gapS"
      :clock="view"
      :now-ms="nowMs + behindMs"
      @ground="ground"
      @not-ground="notGround"
      @pour="pour"
    />
    <template v-else>
      <output class="figure time">{{ clockText(atS) }}</output>
      <div class="now">
        <b class="say" role="status">{{ say }}</b>
        <span v-if="step.next && step.next.fromS < 36_000" class="quiet">
          {{ labelOf('TableClockStage', step.next.stage) }} at {{ clockText(step.next.fromS)
          }}<template v-if="step.next.c !== undefined"
            >, {{ preferences.wholeTemperature(step.next.c) }}</template
          >
        </span>
        <span v-if="view.pouredLate" class="ember">Poured later after grinding than it should be.</span>
        <span v-for="s in wrongBreaks" :key="s.code" class="ember">
          {{ name(s.code) }} was broken {{ s.late ? 'late' : 'early' }}, at
          {{ clockText(s.brokenS! - s.pourS) }}.
        </span>
      </div>
      <v-btn
        v-if="mayTouch && sample && step.now?.stage === 'pour' && !sample.poured && atS > 0.5"
        variant="outlined"
        size="x-large"
        @click="poured(sample.code)"
        >Poured: {{ name(sample.code) }}</v-btn
      >
      <v-btn
        v-if="mayTouch && sample && atS >= sample.breakS - OFFERED_S && step.now?.stage !== 'pour'"
        variant="outlined"
        size="x-large"
        @click="broke(sample.code)"
        >Broken: {{ name(sample.code) }}</v-btn
      >
      <CupThermometer v-if="mayTouch && atS > 60" @read="read" />
      <template v-if="mayTouch && again">
        <v-btn variant="outlined" @click="takeBack">Forget this pour and its breaks</v-btn>
        <v-btn variant="text" @click="again = false">Go on</v-btn>
      </template>
      <v-btn v-else-if="mayTouch" variant="text" @click="again = true">Pour again…</v-btn>
    </template>
    <p v-if="failure" class="ember" role="alert">{{ failure.problems[0]?.message ?? failure.message }}</p>
  </section>
</template>

<style scoped>
.clock {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 20px;
  align-items: center;
  margin-bottom: 14px;
}
.time {
  font-size: 2.4rem;
  line-height: 1;
  min-width: 5ch;
}
.now {
  display: grid;
  flex: 1 1 240px;
}
.say {
  font-size: 1.25rem;
}
</style>
