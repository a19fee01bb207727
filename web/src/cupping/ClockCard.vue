<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useIntervalFn } from '@vueuse/core'
import { answer, api, type Answer, type Failure } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import NumberField from '@/shared/components/NumberField.vue'
import { clock as clockText } from '@/shared/format/text'
import { degree, typedTemperature } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'
import { NEXT, SAY, sampleNow, stepAt, type Clock } from './clock'

/** The table's clock: the one thing to do now, large; it is the server's, the same on every screen. */
const props = defineProps<{
  id: number
  names: Record<string, string>
  /** The clock as somebody else has loaded it: it is looked at, and not touched. */
  clock?: Clock
}>()
/** So long before its time a break can be noted: some break early, and that is worth knowing. */
const OFFERED_S = 90
const preferences = usePreferences()
const path = { params: { path: { id: props.id } } }
const only = !!props.clock
const loaded = useLoad<Clock>(() =>
  props.clock ? Promise.resolve({ data: props.clock }) : answer(api.GET('/api/cuppings/{id}/clock', path)),
)
const view = shallowRef<Clock>()
/** How far this device's clock is behind the server's, ms. */
const behindMs = ref(0)
const nowMs = ref(Date.now())
const failure = ref<Failure>()
const cupC = ref<number>()
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
    return `${SAY.pour} ${name(sample.value.code)}${due > (atS.value ?? 0) ? ` at ${clockText(due)}` : ''}`
  }
  return stage === 'break' && sample.value
    ? `${SAY.break} ${name(sample.value.code)}`
    : stage === 'break'
      ? 'All broken: skim'
      : SAY[stage]
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
const pour = () =>
  send(answer(api.POST('/api/cuppings/{id}/clock/pour', { ...path, body: { gapS: gapS.value } })))
const takeBack = () => {
  again.value = false
  return send(answer(api.DELETE('/api/cuppings/{id}/clock/pour', path)))
}
const broke = (code: string) =>
  send(answer(api.POST('/api/cuppings/{id}/clock/breaks', { ...path, body: { code } })))
async function read() {
  if (cupC.value === undefined) {
    return
  }
  const c = typedTemperature(cupC.value, preferences.units)
  cupC.value = undefined
  await send(answer(api.POST('/api/cuppings/{id}/clock/readings', { ...path, body: { c } })))
}
</script>

<template>
  <section v-if="view" class="card clock" aria-label="Clock of the table">
    <span v-if="atS === undefined && only" class="quiet">The clock begins with the pour.</span>
    <template v-else-if="atS === undefined">
      <v-btn color="primary" size="x-large" @click="pour">Pour now</v-btn>
      <NumberField
        v-if="view.samples.length > 1"
        v-model="gapS"
        label="Between two pours"
        unit="s"
        class="gap"
      />
      <span class="quiet">The clock starts with the first pour. The crust is broken at 4:00.</span>
    </template>
    <template v-else>
      <output class="figure time">{{ clockText(atS) }}</output>
      <div class="now">
        <b class="say" role="status">{{ say }}</b>
        <span v-if="step.next && step.next.fromS < 36_000" class="quiet">
          {{ NEXT[step.next.stage] }} at {{ clockText(step.next.fromS)
          }}<template v-if="step.next.c !== undefined"
            >, {{ preferences.wholeTemperature(step.next.c) }}</template
          >
        </span>
        <span v-for="s in wrongBreaks" :key="s.code" class="ember">
          {{ name(s.code) }} was broken {{ s.late ? 'late' : 'early' }}, at
          {{ clockText(s.brokenS! - s.pourS) }}.
        </span>
      </div>
      <v-btn
        v-if="!only && sample && atS >= sample.breakS - OFFERED_S && step.now?.stage !== 'pour'"
        variant="outlined"
        size="x-large"
        @click="broke(sample.code)"
        >Broken: {{ name(sample.code) }}</v-btn
      >
      <form v-if="!only && atS > 60" class="thermometer" @submit.prevent="read">
        <NumberField v-model="cupC" label="Thermometer in a cup" :unit="degree(preferences.units)" />
        <v-btn type="submit" variant="text" :disabled="cupC === undefined">Read</v-btn>
      </form>
      <template v-if="!only && again">
        <v-btn variant="outlined" @click="takeBack">Forget this pour and its breaks</v-btn>
        <v-btn variant="text" @click="again = false">Go on</v-btn>
      </template>
      <v-btn v-else-if="!only" variant="text" @click="again = true">Pour again…</v-btn>
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
.gap,
.thermometer .v-input {
  width: 190px;
}
.thermometer {
  display: flex;
  align-items: center;
}
</style>
