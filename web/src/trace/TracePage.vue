<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, type Answer, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { provideControlsOf } from '@/shared/useControls'
import PageState from '@/shared/components/PageState.vue'
import { plural } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import type { ExtraLine } from '@/shared/chart/options'
import { useWaiting } from '@/shared/waiting'
import { HIDDEN, useCurveVerdicts } from '@/roast/curveVerdicts'
import { loadWhole } from '@/roast/useRoast'
import BesideLog from './BesideLog.vue'
import ChangeCard from './ChangeCard.vue'
import EvidenceSum from './EvidenceSum.vue'
import { percent } from './odds'
import LikeCurves from './LikeCurves.vue'
import TraceBoard from './TraceBoard.vue'
import VerdictCard from './VerdictCard.vue'

const RoastChart = defineAsyncComponent(() => import('@/shared/chart/RoastChart.vue'))

/** What a roast tastes of, what may have done it, and the one change for the next roast. */
const id = Number(useRoute().params.id)
const preferences = usePreferences()
const waiting = useWaiting()
const whole = useLoad(() => loadWhole(id))
provideControlsOf(() => whole.data.value?.roast.machineId)
const verdicts = useCurveVerdicts()
/** In a lab that cups first, a roast without a cup has no findings to read. */
function told(found: Answer<Schemas['TraceView']>): Answer<Schemas['TraceView']> {
  return found.data && found.data.cups === 0 && verdicts.held?.afterCup
    ? { data: { ...found.data, findings: [], folded: [], missing: [] } }
    : found
}
const trace = useLoad(
  async () => {
    await verdicts.refresh()
    const { temperature, per } = preferences.units
    const query = { fahrenheit: temperature === 'F', per30s: per === '30s' }
    return told(await answer(api.GET('/api/roasts/{id}/trace', { params: { path: { id }, query } })))
  },
  () => preferences.units,
)
const cause = ref<string>()
const unsettled = ref<Failure>()
const pointed = ref<{ fromS: number; toS: number }>()
const board = ref<InstanceType<typeof TraceBoard>>()

const all = computed(() => [...(trace.data.value?.findings ?? []), ...(trace.data.value?.folded ?? [])])
const chosen = computed(
  () =>
    all.value.find((f) => f.cause === cause.value) ??
    // a cup that nothing explains leads with that, and with no cause
    (trace.data.value?.unexplained
      ? undefined
      : trace.data.value?.findings.find((f) => f.standing !== 'unlikely')),
)
/** Without a chosen cause, what would change the answer as a whole. */
const missing = computed(() =>
  chosen.value?.missing.length ? chosen.value.missing : (trace.data.value?.missing ?? []),
)
/** The roast with the one change, as the drum's model has it. */
const changed = computed<ExtraLine[]>(() => {
  const curve = chosen.value?.correction?.curve
  return curve
    ? [
        { pane: 'temperature', dashed: true, series: curve.beanC },
        { pane: 'ror', dashed: true, series: curve.rorCPerMin },
      ]
    : []
})
const lit = computed(() => {
  if (pointed.value) {
    return pointed.value
  }
  const strongest = chosen.value?.evidence.find(
    (e) => e.source === 'log' && e.weight > 0 && e.fromS !== undefined,
  )
  return strongest ? { fromS: strongest.fromS!, toS: strongest.toS! } : undefined
})
const cupped = computed(() => {
  const t = trace.data.value
  if (!t || t.cups === 0) {
    return 'not cupped yet'
  }
  const rest = t.restHours === undefined ? '' : ` after ${Math.round(t.restHours)} h`
  return `cupped${rest}, ${plural(t.cups, 'cup')} on ${plural(t.sheets, 'sheet')}`
})

async function settle(settled: boolean) {
  const result = await answer(
    api.PUT('/api/roasts/{id}/trace/settled', { params: { path: { id } }, body: { settled } }),
  )
  unsettled.value = result.failure
  await Promise.all([trace.reload(), waiting.refresh()])
}

async function given() {
  await Promise.all([trace.reload(), waiting.refresh()])
}

watch(cause, () => (pointed.value = undefined))
</script>

<template>
  <PageState
    :loading="trace.loading.value"
    :failure="trace.failure.value ?? whole.failure.value ?? unsettled"
    :there="!!trace.data.value && !!whole.data.value"
    @retry="((unsettled = undefined), trace.reload(), whole.reload())"
  >
    <template v-if="trace.data.value && whole.data.value">
      <div class="page-head">
        <h1>{{ whole.data.value.roast.lotName }}, {{ whole.data.value.roast.process }}</h1>
        <span class="quiet">
          <router-link class="plain" :to="`/roast/${id}`"
            >roast {{ whole.data.value.roast.number }}</router-link
          >
          · {{ cupped
          }}<template v-if="trace.data.value.finalScore !== undefined">
            · {{ trace.data.value.finalScore.toFixed(2) }}</template
          >
        </span>
        <span class="spacer" />
        <v-btn variant="outlined" @click="settle(!trace.data.value.settled)">
          {{ trace.data.value.settled ? 'Take it up again' : 'Done with this one' }}
        </v-btn>
      </div>
      <p v-if="trace.data.value.leftOut.length" class="quiet">{{ trace.data.value.leftOut.join(' ') }}</p>
      <p v-if="trace.data.value.cups === 0 && verdicts.held?.afterCup" class="quiet">{{ HIDDEN }}</p>
      <TraceBoard ref="board" :trace="trace.data.value" :chosen="chosen" :lit="lit" @choose="cause = $event">
        <RoastChart
          :curve="whole.data.value.curve"
          :analysis="whole.data.value.analysis"
          :events="whole.data.value.roast.events"
          :lit="lit"
          :extra="changed"
          :height="440"
          @laid-out="board?.redraw()"
        />
        <template v-if="chosen" #beside><BesideLog :finding="chosen" /></template>
        <template v-if="chosen" #sum>
          <section class="card">
            <h2 class="label mb-2">
              {{ chosen.standing === 'unlikely' ? 'Why not' : 'Why' }} {{ chosen.label }}: the sum
            </h2>
            <p v-if="trace.data.value.cups" class="quiet mb-2">
              By these weights {{ percent(chosen.probability) }} that it is the main cause<template
                v-if="chosen.atWork - chosen.probability > 0.02"
                >, {{ percent(chosen.atWork) }} that it is at work</template
              >; {{ percent(trace.data.value.sound) }} that nothing is wrong.
            </p>
            <EvidenceSum :finding="chosen" @light="pointed = $event" />
          </section>
        </template>
        <template v-if="chosen" #change>
          <ChangeCard
            :key="chosen.cause"
            :roast="whole.data.value.roast"
            :finding="chosen"
            :missing="missing"
            :score="trace.data.value.finalScore"
          />
        </template>
        <template v-if="trace.data.value.cups" #verdict>
          <VerdictCard :trace="trace.data.value" @given="given" />
        </template>
      </TraceBoard>
      <LikeCurves class="mt-4" :roast-id="id" />
    </template>
  </PageState>
</template>
