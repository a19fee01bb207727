<script setup lang="ts">
import { useCurveVerdicts } from './curveVerdicts'
import { computed, onMounted, reactive, ref, watch } from 'vue'
import { refDebounced } from '@vueuse/core'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { degree, rateUnit, typedRate, typedTemperature } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'
import NumberField from '@/shared/components/NumberField.vue'
import PageState from '@/shared/components/PageState.vue'
import FaultLimits from './FaultLimits.vue'
import RoastTable from './RoastTable.vue'

/** All roasts, a page at a time, found by what is remembered of them. */
const SIZE = 50
// what a figure is searched by is typed in the reader's own units
const preferences = usePreferences()
const FIGURES = computed(() => [
  { title: 'any figure', value: '' },
  { title: `charge, ${degree(preferences.units)}`, value: 'chargeC' },
  { title: 'turning point, s', value: 'turningPointS' },
  { title: 'dry end, s', value: 'dryEndS' },
  { title: 'first crack, s', value: 'firstCrackS' },
  { title: 'total time, s', value: 'totalS' },
  { title: `drop, ${degree(preferences.units)}`, value: 'dropC' },
  { title: 'development, %', value: 'developmentPct' },
  {
    title: `rate of rise at first crack, ${rateUnit(preferences.units)}`,
    value: 'rorAtFirstCrackCPerMin',
  },
])
function typed(value: number | undefined) {
  if (value === undefined) {
    return undefined
  }
  return sought.figure.endsWith('CPerMin')
    ? typedRate(value, preferences.units)
    : sought.figure.endsWith('C')
      ? typedTemperature(value, preferences.units)
      : value
}
const FAULTS = [
  { title: 'any log', value: '' },
  { title: 'with a crash', value: 'crash' },
  { title: 'with a flick', value: 'flick' },
  { title: 'with a stall', value: 'stall' },
  { title: 'with a surge', value: 'surge' },
]
const MADE = [
  { title: 'samples', value: 'samples' },
  { title: 'production', value: 'production' },
  { title: 'both', value: 'both' },
]
const sought = reactive({
  made: 'samples',
  words: '',
  machineId: undefined as number | undefined,
  fault: '',
  onOrAfter: '',
  onOrBefore: '',
  figure: '',
  min: undefined as number | undefined,
  max: undefined as number | undefined,
  discarded: false,
})
const page = ref(0)
const more = ref(false)
const limits = ref(false)
const machines = useLoad(() => answer(api.GET('/api/machines')))
const query = computed(() => ({
  words: sought.words || undefined,
  machineId: sought.machineId ?? undefined,
  fault: sought.fault || undefined,
  onOrAfter: sought.onOrAfter || undefined,
  onOrBefore: sought.onOrBefore || undefined,
  figure: sought.figure || undefined,
  min: typed(sought.min),
  max: typed(sought.max),
  production: sought.made === 'both' ? undefined : sought.made === 'production',
  discarded: sought.discarded,
}))
const settled = refDebounced(query, 250)
const roasts = useLoad(() =>
  answer(
    api.GET('/api/roasts/search', { params: { query: { ...settled.value, page: page.value, size: SIZE } } }),
  ),
)
watch(settled, () => {
  page.value = 0
  void roasts.reload()
})
watch(page, () => roasts.reload())
const found = computed(() => roasts.data.value)
const narrowed = computed(
  () =>
    sought.made === 'production' || Object.values(query.value).some((v) => v !== undefined && v !== false),
)
const compare = ref<number[]>([])
const verdicts = useCurveVerdicts()
onMounted(verdicts.refresh)
</script>

<template>
  <div class="page-head">
    <h1>Roast</h1>
    <span class="quiet">logged roasts, newest first</span>
    <span class="spacer" />
    <v-btn
      v-if="compare.length > 1"
      variant="outlined"
      :to="`/roast/beside?${compare.map((i) => `id=${i}`).join('&')}`"
      >Compare {{ compare.length }}</v-btn
    >
    <v-btn variant="outlined" @click="limits = true">Limits…</v-btn>
    <v-btn variant="outlined" to="/roast/import">Import roast logs</v-btn>
    <v-btn color="primary" to="/roast/desk">Open the desk</v-btn>
  </div>
  <PageState
    :loading="roasts.loading.value && !found"
    :failure="roasts.failure.value"
    :there="!!found"
    :empty="found?.total === 0 && !narrowed && !sought.discarded"
    @retry="roasts.reload"
  >
    <template #empty>
      <h2>No roast yet</h2>
      <p class="mt-2">
        Roast at the desk, or import the log of a sample roast: a CSV file with time and bean temperature.
      </p>
      <v-btn class="mt-2" variant="text" @click="sought.made = 'both'">Look among production, too</v-btn>
    </template>
    <FaultLimits v-model="limits" @saved="roasts.reload" />
    <div class="search">
      <v-text-field v-model="sought.words" label="Find by lot, roaster or fault" clearable />
      <v-select v-if="!verdicts.held?.afterCup" v-model="sought.fault" :items="FAULTS" label="Log" />
      <v-select v-model="sought.made" :items="MADE" label="Roasts" />
      <v-btn variant="text" :aria-expanded="more" @click="more = !more">{{ more ? 'Less' : 'More' }}</v-btn>
    </div>
    <div v-if="more" class="search more">
      <v-select
        v-model="sought.machineId"
        :items="(machines.data.value ?? []).map((m) => ({ title: m.name, value: m.id }))"
        label="Roaster"
        clearable
      />
      <v-text-field v-model="sought.onOrAfter" type="date" label="From" />
      <v-text-field v-model="sought.onOrBefore" type="date" label="To" />
      <v-select v-model="sought.figure" :items="FIGURES" label="Figure" />
      <NumberField v-model="sought.min" label="at least" />
      <NumberField v-model="sought.max" label="at most" />
      <v-checkbox v-model="sought.discarded" label="excluded" hide-details density="compact" />
    </div>
    <RoastTable v-if="found?.roasts.length" v-model:chosen="compare" :roasts="found.roasts" choose />
    <p v-else class="quiet">No roast matches.</p>
    <div v-if="found && found.total > SIZE" class="pages">
      <v-btn variant="outlined" :disabled="page === 0" @click="page--">Newer</v-btn>
      <span
        >{{ page * SIZE + 1 }} to {{ Math.min(found.total, (page + 1) * SIZE) }} of {{ found.total }}</span
      >
      <v-btn variant="outlined" :disabled="(page + 1) * SIZE >= found.total" @click="page++">Older</v-btn>
    </div>
  </PageState>
</template>

<style scoped>
.search {
  display: grid;
  grid-template-columns: minmax(200px, 360px) 200px 160px auto;
  gap: 10px;
  margin-bottom: 12px;
  justify-content: start;
}
.more {
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
}
.pages {
  display: flex;
  gap: 16px;
  align-items: center;
  justify-content: center;
  margin-top: 14px;
}
@media (max-width: 700px) {
  .search {
    grid-template-columns: 1fr;
  }
}
</style>
