<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, problemAt, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import NumberField from '@/shared/components/NumberField.vue'
import PageState from '@/shared/components/PageState.vue'
import LinkCard from './LinkCard.vue'
import ModelCard from './ModelCard.vue'
import OutlookScoreCard from './OutlookScoreCard.vue'
import ProtocolEditor from './ProtocolEditor.vue'
import ReferenceCard from './ReferenceCard.vue'

/** One roaster: what it can do, what is done between its batches, and what is learned of it. */
const id = Number(useRoute().params.id)
const params = { params: { path: { id } } }
const machine = useLoad(() => answer(api.GET('/api/machines/{id}', params)))
const references = useLoad(() =>
  answer(api.GET('/api/machines/{machineId}/references', { params: { path: { machineId: id } } })),
)
const draft = ref<Schemas['MachineView']>()
const failure = shallowRef<Failure>()
const saved = ref(false)

watch(
  () => machine.data.value,
  (m) => (draft.value = m && (JSON.parse(JSON.stringify(m)) as Schemas['MachineView'])),
)
watch(draft, () => (saved.value = false), { deep: true })
const at = (field: string) => problemAt(failure.value, field)
const protocolProblems = computed(
  () => failure.value?.problems.filter((p) => p.field === 'protocol').map((p) => p.message) ?? [],
)
const CONTROLS = [
  ['gas', 'Gas', '%'],
  ['air', 'Airflow', '%'],
  ['drum', 'Drum speed', 'rpm'],
] as const
function toggle(control: 'air' | 'drum') {
  const s = draft.value!.settings
  s[control] = s[control]
    ? undefined
    : control === 'air'
      ? { min: 0, max: 100, step: 1 }
      : { min: 40, max: 80, step: 1 }
}

async function save() {
  const d = draft.value!
  const result = await answer(
    api.PUT('/api/machines/{id}', {
      ...params,
      body: { name: d.name, drumCapacityG: d.drumCapacityG, settings: d.settings },
    }),
  )
  failure.value = result.failure
  if (result.data) {
    await machine.reload()
    saved.value = true
  }
}
</script>

<template>
  <PageState
    :loading="machine.loading.value"
    :failure="machine.failure.value"
    :there="!!draft"
    @retry="machine.reload"
  >
    <template v-if="draft">
      <div class="page-head">
        <h1>{{ machine.data.value!.name }}</h1>
        <span class="quiet"
          ><router-link class="plain" to="/machines">all roasters</router-link> ·
          <router-link class="plain" :to="`/roast/desk/${id}`">its desk</router-link></span
        >
      </div>
      <div class="columns">
        <div class="left">
          <ReferenceCard v-for="r in references.data.value" :key="r.process" :reference="r" />
          <p v-if="references.data.value?.length === 0" class="card">
            Nothing is learned yet: accept sound roasts of this roaster, five of a process, and its bands
            appear here. Until then house defaults stand in.
          </p>
          <ModelCard :machine-id="id" />
          <OutlookScoreCard :machine-id="id" />
        </div>
        <form class="left" novalidate @submit.prevent="save">
          <section class="card group">
            <h2>What it can do</h2>
            <v-text-field v-model="draft.name" label="Name" :error-messages="at('name') ?? []" />
            <div class="three">
              <NumberField
                v-model="draft.drumCapacityG"
                label="Drum holds"
                unit="g"
                :problem="at('drumCapacityG')"
              />
              <NumberField
                v-model="draft.settings.batchMinG"
                label="Batch from"
                unit="g"
                :problem="at('batchMinG')"
              />
              <NumberField
                v-model="draft.settings.batchMaxG"
                label="Batch to"
                unit="g"
                :problem="at('batchMaxG')"
              />
              <v-select
                v-model="draft.settings.heatSource"
                :items="['gas', 'electric']"
                label="Heat"
                hide-details
              />
              <NumberField v-model="draft.settings.roomC" label="Room" unit="°C" :problem="at('roomC')" />
            </div>
            <v-text-field
              v-model="draft.settings.probes"
              label="Probes"
              :error-messages="at('probes') ?? []"
            />
            <div v-for="[control, label, unit] in CONTROLS" :key="control" class="control">
              <v-checkbox
                v-if="control !== 'gas'"
                :model-value="!!draft.settings[control]"
                :label="`${label} can be set`"
                hide-details
                density="compact"
                @update:model-value="toggle(control)"
              />
              <p v-else>Gas</p>
              <template v-if="draft.settings[control]">
                <NumberField
                  v-model="draft.settings[control]!.min"
                  label="from"
                  :unit="unit"
                  hide-details
                  density="compact"
                />
                <NumberField
                  v-model="draft.settings[control]!.max"
                  label="to"
                  :unit="unit"
                  hide-details
                  density="compact"
                />
                <NumberField
                  v-model="draft.settings[control]!.step"
                  label="in steps of"
                  :unit="unit"
                  hide-details
                  density="compact"
                />
              </template>
              <p v-if="at(control)" class="ember problem" role="alert">{{ at(control) }}</p>
            </div>
            <div class="three">
              <NumberField
                v-model="draft.settings.warmUpS"
                label="Warm-up"
                unit="s"
                :problem="at('warmUpS')"
              />
              <NumberField
                v-model="draft.settings.turnaroundS"
                label="Drop to next charge"
                unit="s"
                :problem="at('turnaroundS')"
              />
              <NumberField
                v-model="draft.settings.coolingLimitS"
                label="Cold after the drop by"
                unit="s"
                hint="4 minutes when left empty"
                :problem="at('coolingLimitS')"
              />
            </div>
          </section>
          <ProtocolEditor v-model="draft.settings.protocol" :problems="protocolProblems" />
          <LinkCard v-model="draft.settings.link" :machine-id="id" :problem-at="at" />
          <div class="actions">
            <v-btn type="submit" color="primary">Keep the roaster</v-btn>
            <span v-if="saved" role="status" class="quiet">Kept.</span>
            <span v-if="failure" role="alert" class="ember">{{ failure.message }}</span>
          </div>
        </form>
      </div>
      <p class="caution mt-4">
        Pre-heating: hot metal, open flame, gas. Never leave a lit roaster alone. Chaff burns: empty the
        collector. On fire in the drum: shut off the burner, follow the manual and the site’s fire plan, get
        people out, call the fire service. Gas, electricity and ventilation are for licensed people.
      </p>
    </template>
  </PageState>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 16px;
  align-items: start;
}
.left,
.group {
  display: grid;
  gap: 14px;
}
.three {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px;
}
.control {
  display: grid;
  grid-template-columns: 1.4fr 1fr 1fr 1fr;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
.problem {
  grid-column: 1 / -1;
}
.actions {
  display: flex;
  gap: 12px;
  align-items: center;
}
@media (max-width: 950px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
