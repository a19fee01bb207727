<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import NumberField from '@/shared/components/NumberField.vue'
import PageState from '@/shared/components/PageState.vue'
import { useDraft } from '@/shared/kept/useDraft'
import { useWho } from '@/shared/who'
import { wordsOf } from '@/shared/format/words'

/** The lab's meters: what each measures, when it was calibrated, and what a colour meter's figures are of. */
type Meter = Schemas['MeterView']
const who = useWho()
const kept = useLoad(() => answer(api.GET('/api/meters')))
const form = ref<{ meters: Meter[] }>({ meters: [] })
const meters = computed(() => form.value.meters)
let draft: ReturnType<typeof useDraft> | undefined
const saving = ref(false)
const saved = ref(false)
const failure = ref<Failure>()
/** What was typed and not kept is found again; else the meters as they are kept. */
function begin(now?: Schemas['Meters']) {
  form.value = { meters: structuredClone(now?.meters ?? []) }
  draft = useDraft('meters', form, now?.version)
}
watch(kept.data, (now) => !draft && begin(now))

const KINDS = wordsOf('MeterKind')
const COUNTS = wordsOf('MeterCounts')

function add() {
  meters.value.push({ name: '', kind: 'scale', everyDays: 90 })
  saved.value = false
}

async function keep() {
  if (saving.value) {
    return
  }
  saving.value = true
  const body = { meters: meters.value, version: draft?.madeFrom }
  const result = await answer(api.PUT('/api/meters', { body }))
  saving.value = false
  failure.value = result.failure
  saved.value = !result.failure
  if (result.data) {
    draft?.done()
    begin(result.data)
  }
}
</script>

<template>
  <div class="page-head">
    <h1>Meters</h1>
    <span class="quiet">when each was calibrated; Today asks when one is due</span>
    <span class="spacer" />
    <v-btn variant="text" to="/sample">To the samples</v-btn>
  </div>
  <PageState
    :loading="kept.loading.value"
    :failure="kept.failure.value"
    :there="!!kept.data.value"
    @retry="kept.reload"
  >
    <form class="card" @submit.prevent="keep">
      <p v-if="!meters.length" class="quiet">No meter is entered yet.</p>
      <div v-for="(m, i) in meters" :key="i" class="meter">
        <v-text-field v-model="m.name" label="Name" hide-details />
        <v-select v-model="m.kind" :items="KINDS" label="Measures" hide-details />
        <v-text-field v-model="m.calibratedOn" type="date" label="Calibrated on" hide-details />
        <NumberField v-model="m.everyDays" label="Again after" unit="days" />
        <template v-if="m.kind === 'colour'">
          <v-text-field v-model="m.scale" label="Scale, by its maker" hide-details />
          <v-select v-model="m.counts" :items="COUNTS" label="It counts so that" hide-details />
        </template>
        <v-btn variant="text" @click="meters.splice(i, 1)">Remove</v-btn>
        <p v-if="m.note" class="ember note">{{ m.note }}</p>
      </div>
      <p v-if="meters.some((m) => m.kind === 'colour')" class="quiet">
        Colours are kept so that more is lighter, on 0 to 100. The bench takes the figure as the meter shows
        it.
      </p>
      <p v-if="failure" class="ember" role="alert">
        {{ failure.problems[0]?.message ?? failure.message }}
      </p>
      <p class="buttons">
        <v-btn variant="outlined" :disabled="!who.leads" @click="add">Add a meter</v-btn>
        <v-btn type="submit" color="primary" :loading="saving" :disabled="!who.leads">Keep</v-btn>
        <span v-if="saved" role="status">Kept.</span>
      </p>
    </form>
  </PageState>
</template>

<style scoped>
.meter {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(170px, 1fr));
  gap: 8px 12px;
  align-items: center;
  margin-bottom: 14px;
}
.note {
  grid-column: 1 / -1;
}
.buttons {
  display: flex;
  gap: 12px;
  align-items: center;
}
</style>
