<script setup lang="ts">
import { reactive, ref, watch } from 'vue'
import { answer, api, problemAt, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import NumberField from '@/shared/components/NumberField.vue'
import PageState from '@/shared/components/PageState.vue'
import { wordsOf } from '@/shared/format/words'

/** The stand-ins for scale and meters: what each shows is set here, so that everything can be tried without one. */
type Instrument = Schemas['InstrumentView']
const instruments = useLoad(() => answer(api.GET('/api/instruments')))
const shown = reactive<Record<string, { value?: number; behaviour: Instrument['behaviour'] }>>({})
const failures = reactive<Record<string, Failure | undefined>>({})
const done = ref('')

watch(
  () => instruments.data.value,
  (all) => all?.forEach((i) => (shown[i.kind] = { value: i.value, behaviour: i.behaviour })),
)

async function set(i: Instrument) {
  const state = shown[i.kind]!
  const result = await answer(
    api.PUT('/api/instruments/{kind}', {
      params: { path: { kind: i.kind } },
      body: { value: state.value ?? Number.NaN, behaviour: state.behaviour },
    }),
  )
  failures[i.kind] = result.failure
  done.value = result.data ? `${i.label} is set.` : ''
}
const BEHAVIOURS = wordsOf('SimulatedInstrumentsBehaviour')
</script>

<template>
  <div class="page-head">
    <h1>Instruments</h1>
    <span class="quiet">simulated: set here what a Read button will find</span>
  </div>
  <PageState
    :loading="instruments.loading.value"
    :failure="instruments.failure.value"
    :there="!!instruments.data.value"
    @retry="instruments.reload"
  >
    <div class="instruments">
      <form
        v-for="i in (instruments.data.value ?? []).filter((i) => shown[i.kind])"
        :key="i.kind"
        class="card group"
        novalidate
        @submit.prevent="set(i)"
      >
        <h2>{{ i.label }}</h2>
        <NumberField
          v-model="shown[i.kind]!.value"
          label="Shows"
          :unit="i.unit"
          :problem="problemAt(failures[i.kind], 'value')"
        />
        <v-select
          v-model="shown[i.kind]!.behaviour"
          :items="BEHAVIOURS"
          label="Behaves so that it"
          hide-details
        />
        <v-btn type="submit" color="primary">Set</v-btn>
        <p v-if="failures[i.kind] && !failures[i.kind]!.problems.length" class="ember" role="alert">
          {{ failures[i.kind]!.message }}
        </p>
      </form>
    </div>
    <p class="quiet mt-3" role="status">{{ done }}</p>
  </PageState>
</template>

<style scoped>
.instruments {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 16px;
}
.group {
  display: grid;
  gap: 14px;
  align-content: start;
}
</style>
