<script setup lang="ts">
import { computed, onScopeDispose, ref, watch } from 'vue'
import { answer, api, type Failure } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { moment, plural } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import { useControls } from '@/shared/useControls'

/** The roaster's model: fitted to its logs with progress, how well, over which roasts, and its constants. */
const props = defineProps<{ machineId: number }>()
const preferences = usePreferences()
const controls = useControls()
const params = { params: { path: { machineId: props.machineId } } }
const model = useLoad(
  () =>
    answer(
      api.GET('/api/machines/{machineId}/model', {
        params: { ...params.params, query: { fahrenheit: preferences.units.temperature === 'F' } },
      }),
    ),
  () => preferences.units,
)
const failure = ref<Failure>()
const showConstants = ref(false)
const POLL_MS = 400

let timer: ReturnType<typeof setTimeout> | undefined
watch(
  () => model.data.value,
  (m) => {
    if (m?.state === 'fitting') {
      timer = setTimeout(() => void model.reload(), POLL_MS)
    }
  },
)
onScopeDispose(() => clearTimeout(timer))

async function fit() {
  const result = await answer(api.POST('/api/machines/{machineId}/model', params))
  failure.value = result.failure
  await model.reload()
}
const fitted = computed(() => model.data.value?.fitted)
/** What roasts left out were missed by: by the model, and by the roaster's usual values. */
const left = computed(() => {
  const f = fitted.value
  const rows: [string, string, (v: number) => string][] = [
    ['dryEndS', 'dry end', (v) => `${v.toFixed(0)} s`],
    ['firstCrackS', 'first crack', (v) => `${v.toFixed(0)} s`],
    ['totalS', 'drop at a temperature', (v) => `${v.toFixed(0)} s`],
    ['dropC', 'drop so long after first crack', (v) => preferences.differenceText(v)],
  ]
  return rows
    .filter(([field]) => f?.errors[field] !== undefined)
    .map(([field, name, text]) => [name, text(f!.errors[field]!), text(f!.usualErrors[field]!)])
})
const range = (r: { min: number; max: number }, unit: string) =>
  `${r.min.toFixed(0)}–${r.max.toFixed(0)} ${unit}`
</script>

<template>
  <section v-if="model.data.value" class="card model" aria-labelledby="model-title">
    <div class="head">
      <h2 id="model-title">Model</h2>
      <v-btn
        variant="outlined"
        :loading="model.data.value.state === 'fitting'"
        :disabled="model.data.value.usableRoasts === 0"
        @click="fit"
        >{{ fitted ? 'Fit again' : 'Fit to its logs' }}</v-btn
      >
    </div>
    <template v-if="model.data.value.state === 'fitting'">
      <p role="status">Fitting: {{ model.data.value.doing }}</p>
      <v-progress-linear
        :model-value="100 * model.data.value.share"
        color="primary"
        height="8"
        aria-label="How far the fit has come"
      />
    </template>
    <p v-if="model.data.value.state === 'failed'" class="ember" role="alert">{{ model.data.value.doing }}</p>
    <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
    <p v-if="!fitted && model.data.value.state === 'none'" class="quiet">
      Not fitted yet. {{ plural(model.data.value.usableRoasts, 'log') }} with gas, charge and drop can be
      used.
      <template v-if="model.data.value.withoutGas"
        >{{ plural(model.data.value.withoutGas, 'log has', 'logs have') }} no column of the gas: a model
        learns nothing from {{ model.data.value.withoutGas === 1 ? 'it' : 'them' }}.</template
      >
    </p>
    <template v-if="fitted">
      <p>
        Fitted {{ moment(fitted.fittedAt) }} to {{ plural(fitted.roasts, 'roast') }}: misses the bean curve by
        <b>{{ preferences.differenceText(fitted.beanErrorC) }}</b><template v-if="fitted.environmentErrorC">
          and the environment by {{ preferences.differenceText(fitted.environmentErrorC) }}</template
        >, counted from 100 s after charge on<template v-if="fitted.earlyErrorC !== undefined">
          ({{ preferences.differenceText(fitted.earlyErrorC) }} before that, while the probe cools
          down)</template
        >.
        <template v-if="fitted.misfit && !fitted.doubts.length"
          >What it misses lies {{ fitted.misfit }}.</template
        >
      </p>
      <div v-if="fitted.doubts.length" class="ember">
        <p>
          <b>Not believed:</b> charge gate, plan, outlook and warnings go by what this roaster usually does,
          and say so.
        </p>
        <p v-for="d in fitted.doubts" :key="d">{{ d }}</p>
      </div>
      <p v-else><b>Believed</b> by plan, outlook and warnings.</p>
      <table v-if="left.length" class="plain left-out">
        <caption class="quiet">
          Roasts left out of the fit in turn were foretold within (one standard deviation)
        </caption>
        <thead>
          <tr>
            <th>figure</th>
            <th class="num">by the model</th>
            <th class="num">by its usual value</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="[name, own, usual] in left" :key="name">
            <td>{{ name }}</td>
            <td class="num">
              <b>± {{ own }}</b>
            </td>
            <td class="num">± {{ usual }}</td>
          </tr>
        </tbody>
      </table>
      <p class="quiet">
        {{ fitted.doubts.length ? 'Fitted near' : 'Trusted near' }} charges of
        {{ preferences.temperatureText(fitted.chargeC.min) }} to
        {{ preferences.temperatureText(fitted.chargeC.max) }}, batches of {{ range(fitted.greenG, 'g') }}, gas
        {{ controls.fromTo('gas', fitted.gasPct.min, fitted.gasPct.max)
        }}<template v-if="fitted.airflowPct"
          >, airflow {{ controls.fromTo('air', fitted.airflowPct.min, fitted.airflowPct.max) }}</template
        >. Outside, it says so.
        <template v-if="!fitted.airflowPct"
          >No log had a column of the airflow: what the air does on this roaster is not known.</template
        >
      </p>
      <v-btn variant="text" :aria-expanded="showConstants" @click="showConstants = !showConstants">
        {{ showConstants ? 'Hide the constants' : 'Show the constants' }}
      </v-btn>
      <table v-if="showConstants" class="plain">
        <tbody>
          <tr v-for="c in fitted.constants" :key="c.name">
            <td>{{ c.name }}</td>
            <td class="num">{{ Number(c.value.toPrecision(3)) }} {{ c.unit }}</td>
          </tr>
        </tbody>
      </table>
    </template>
  </section>
</template>

<style scoped>
.model {
  display: grid;
  gap: 8px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
.model > .v-btn {
  justify-self: start;
}
.left-out caption {
  text-align: left;
  padding-bottom: 4px;
}
td {
  padding-top: 4px;
  padding-bottom: 4px;
}
</style>
