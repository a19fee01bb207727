<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api, type Answer, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { provideControlsOf } from '@/shared/useControls'
import PageState from '@/shared/components/PageState.vue'
import { plural } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import { useWaiting } from '@/shared/waiting'
import { HIDDEN, useCurveVerdicts } from '@/roast/curveVerdicts'
import { loadWhole } from '@/roast/useRoast'
import BesideLater from './BesideLater.vue'
import BesideLog from './BesideLog.vue'
import EvidenceSum from './EvidenceSum.vue'
import ForetoldList from './ForetoldList.vue'
import NextLook from './NextLook.vue'
import { elsewhere } from './next'
import { percent } from './odds'
import TraceBoard from './TraceBoard.vue'
import VerdictCard from './VerdictCard.vue'

const RoastChart = defineAsyncComponent(() => import('@/shared/chart/RoastChart.vue'))

/** What a roast tastes of, what may have done it, and the one change for the next roast. */
const id = Number(useRoute().params.id)
const router = useRouter()
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
    trace.data.value?.findings.find((f) => f.standing !== 'unlikely'),
)
/** Without a chosen cause, what would change the answer as a whole. */
const missing = computed(() =>
  chosen.value?.missing.length ? chosen.value.missing : (trace.data.value?.missing ?? []),
)
const lit = computed(() => {
  if (pointed.value) {
    return pointed.value
  }
  const strongest = chosen.value?.evidence.find(
    (e) => e.source === 'log' && e.says === 'for' && e.fromS !== undefined,
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

const planning = ref(false)
async function plan(of: string) {
  if (planning.value) {
    return
  }
  planning.value = true
  const result = await answer(
    api.POST('/api/roasts/{id}/trace/plan', { params: { path: { id } }, body: { cause: of } }),
  )
  planning.value = false
  unsettled.value = result.failure
  if (result.data) {
    await router.push(`/plan/${result.data.planId}`)
  }
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
      <p v-if="trace.data.value.cups === 0 && verdicts.held?.afterCup" class="quiet">{{ HIDDEN }}</p>
      <TraceBoard ref="board" :trace="trace.data.value" :chosen="chosen" :lit="lit" @choose="cause = $event">
        <RoastChart
          :curve="whole.data.value.curve"
          :analysis="whole.data.value.analysis"
          :events="whole.data.value.roast.events"
          :lit="lit"
          :height="400"
          @laid-out="board?.redraw()"
        />
        <template v-if="chosen" #beside><BesideLog :finding="chosen" /></template>
        <template v-if="chosen" #sum>
          <section class="card">
            <h2 class="label mb-2">
              {{ chosen.standing === 'unlikely' ? 'Why not' : 'Why' }} {{ chosen.label }}: the sum
            </h2>
            <p v-if="trace.data.value.cups" class="quiet mb-2">
              {{ percent(chosen.probability) }} that it is the main cause<template
                v-if="chosen.atWork - chosen.probability > 0.02"
                >, {{ percent(chosen.atWork) }} that it is at work</template
              >; {{ percent(trace.data.value.sound) }} that nothing is wrong.
            </p>
            <EvidenceSum :finding="chosen" @light="pointed = $event" />
          </section>
        </template>
        <template v-if="chosen" #change>
          <section class="card">
            <h2 class="label mb-2">Change one thing</h2>
            <template v-if="chosen.correction">
              <p class="name change">{{ chosen.correction.text }}</p>
              <p class="quiet">
                {{ chosen.correction.why }} Then cup the old and the new side by side, blind.
              </p>
              <p v-if="chosen.correction.sizing" class="quiet">{{ chosen.correction.sizing }}</p>
              <ForetoldList
                v-if="chosen.correction.change !== 'rest'"
                :foretold="chosen.correction.foretold"
              />
              <p v-if="chosen.correction.change !== 'rest'" class="do">
                <v-btn color="primary" :loading="planning" @click="plan(chosen.cause)">Plan it</v-btn>
                <span class="quiet">the same roast with this one change</span>
              </p>
            </template>
            <p v-else class="name change">{{ elsewhere(chosen.cause, chosen.standing) }}</p>
            <BesideLater
              v-if="chosen.correction"
              :key="chosen.cause"
              :roast-id="id"
              :finding="chosen"
              :score="trace.data.value.finalScore"
            />
            <NextLook :missing="missing" :roast="whole.data.value.roast" />
          </section>
        </template>
        <template v-if="trace.data.value.cups" #verdict>
          <VerdictCard :trace="trace.data.value" @given="given" />
        </template>
      </TraceBoard>
    </template>
  </PageState>
</template>

<style scoped>
.change {
  font-size: 1.25rem;
  line-height: 1.3;
  margin-bottom: 6px;
}
.do {
  display: flex;
  align-items: center;
  gap: 12px;
  margin-top: 10px;
}
</style>
