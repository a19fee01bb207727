<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, type Schemas } from '@/shared/api/client'
import OverlayChart from '@/shared/chart/OverlayChart.vue'
import { clock, roastName } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'

/** Up to six roasts laid over each other, brought together at an event. */
const ids = ([] as (string | null)[])
  .concat(useRoute().query.id ?? [])
  .slice(0, 6)
  .map(Number)
  .filter(Boolean)
const preferences = usePreferences()
const align = ref<'charge' | 'turning_point' | 'first_crack'>('charge')
const loaded = shallowRef<
  { roast: Schemas['RoastView']; curve: Schemas['CurveView']; analysis: Schemas['AnalysisView'] }[]
>([])
const failure = ref('')

async function load() {
  const all = await Promise.all(
    ids.map(async (id) => {
      const path = { params: { path: { id } } }
      const [roast, curve, analysis] = await Promise.all([
        answer(api.GET('/api/roasts/{id}', path)),
        answer(api.GET('/api/roasts/{id}/curve', path)),
        answer(api.GET('/api/roasts/{id}/analysis', path)),
      ])
      failure.value ||= roast.failure?.message ?? curve.failure?.message ?? ''
      return roast.data && curve.data && analysis.data
        ? [{ roast: roast.data, curve: curve.data, analysis: analysis.data }]
        : []
    }),
  )
  loaded.value = all.flat()
}
void load()

const zero = (a: Schemas['AnalysisView']) =>
  align.value === 'charge' ? 0 : (align.value === 'turning_point' ? a.turningPoint : a.firstCrack)?.timeS
const lines = computed(() =>
  loaded.value.flatMap(({ roast, curve, analysis }) => {
    const shift = zero(analysis)
    return shift === undefined ? [] : [{ name: roastName(roast), curve, shiftS: -shift }]
  }),
)
const left = computed(() => loaded.value.length - lines.value.length)
const t = (v?: number) => (v === undefined ? '–' : clock(v))
const c = (v?: number) => (v === undefined ? '–' : preferences.temperatureText(v))
const d = (v?: number) => (v === undefined ? '–' : preferences.differenceText(v))
const percent = (v?: number) => (v === undefined ? '–' : `${v.toFixed(1)} %`)
const withEnvironment = computed(() => loaded.value.some((l) => l.analysis.environment.peakC !== undefined))
/** How far apart the roasts lie in a figure, of those that have it. */
function range(of: (a: Schemas['AnalysisView']) => number | undefined) {
  const all = loaded.value.map((l) => of(l.analysis)).filter((v) => v !== undefined)
  return all.length > 1 ? Math.max(...all) - Math.min(...all) : undefined
}
</script>

<template>
  <div class="page-head">
    <h1>Compared</h1>
    <span class="spacer" />
    <v-btn-toggle v-model="align" mandatory variant="outlined" divided aria-label="Bring together at">
      <v-btn value="charge">charge</v-btn>
      <v-btn value="turning_point">turning point</v-btn>
      <v-btn value="first_crack">first crack</v-btn>
    </v-btn-toggle>
  </div>
  <p v-if="failure" class="card ember" role="alert">{{ failure }}</p>
  <p v-if="ids.length < 2" class="card">
    Choose two to six roasts in the <router-link class="plain" to="/roast">list</router-link>.
  </p>
  <div v-if="lines.length" class="card"><OverlayChart :lines="lines" :height="460" /></div>
  <p v-if="left" class="quiet">{{ left }} without that event {{ left === 1 ? 'is' : 'are' }} left out.</p>
  <div v-if="loaded.length" class="card table-scroll mt-4">
    <table class="plain">
      <thead>
        <tr>
          <th>Roast</th>
          <th class="num">charge</th>
          <th class="num">turning point</th>
          <th class="num">dry end</th>
          <th class="num">first crack</th>
          <th class="num">drop</th>
          <th class="num">development</th>
          <template v-if="withEnvironment">
            <th class="num">environment at first crack</th>
            <th class="num">at drop</th>
            <th class="num">its peak</th>
            <th class="num">above the beans at drop</th>
          </template>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ roast, analysis: a } in loaded" :key="roast.id">
          <td>
            <router-link :to="`/roast/${roast.id}`">{{ roastName(roast) }}</router-link>
          </td>
          <td class="num">{{ c(a.chargeC) }}</td>
          <td class="num">{{ t(a.turningPoint?.timeS) }}</td>
          <td class="num">{{ t(a.dryEnd?.timeS) }}</td>
          <td class="num">{{ t(a.firstCrack?.timeS) }}</td>
          <td class="num">{{ t(a.drop?.timeS) }}</td>
          <td class="num">{{ percent(a.phases.developmentPct) }}</td>
          <template v-if="withEnvironment">
            <td class="num">{{ c(a.environment.firstCrackC) }}</td>
            <td class="num">{{ c(a.environment.dropC) }}</td>
            <td class="num">{{ c(a.environment.peakC) }}</td>
            <td class="num">{{ d(a.environment.gapAtDropC) }}</td>
          </template>
        </tr>
      </tbody>
      <tfoot v-if="loaded.length > 1">
        <tr>
          <th scope="row">They differ by</th>
          <td class="num">{{ d(range((a) => a.chargeC)) }}</td>
          <td class="num">{{ t(range((a) => a.turningPoint?.timeS)) }}</td>
          <td class="num">{{ t(range((a) => a.dryEnd?.timeS)) }}</td>
          <td class="num">{{ t(range((a) => a.firstCrack?.timeS)) }}</td>
          <td class="num">{{ t(range((a) => a.drop?.timeS)) }}</td>
          <td class="num">{{ percent(range((a) => a.phases.developmentPct)) }}</td>
          <template v-if="withEnvironment">
            <td class="num">{{ d(range((a) => a.environment.firstCrackC)) }}</td>
            <td class="num">{{ d(range((a) => a.environment.dropC)) }}</td>
            <td class="num">{{ d(range((a) => a.environment.peakC)) }}</td>
            <td class="num">{{ d(range((a) => a.environment.gapAtDropC)) }}</td>
          </template>
        </tr>
      </tfoot>
    </table>
  </div>
</template>
