<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api, problemAt, type Failure } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import MostLikeCard from './MostLikeCard.vue'
import MachineSelect from '@/machine/MachineSelect.vue'
import NumberField from '@/shared/components/NumberField.vue'
import PageState from '@/shared/components/PageState.vue'
import { moment, roastName } from '@/shared/format/text'

/** Begins a plan: which sample, on which roaster, by which school, from which earlier roast. */
const route = useRoute()
const router = useRouter()
const samples = useLoad(() => answer(api.GET('/api/green-samples')))
const schools = useLoad(() => answer(api.GET('/api/schools')))
const roasts = useLoad(() => answer(api.GET('/api/roasts')))
const sampleId = ref<number | undefined>(route.query.sample ? Number(route.query.sample) : undefined)
const machineId = ref<number>()
const schoolId = ref<string | null>(route.query.school ? String(route.query.school) : null)
const templateId = ref<number | null>(null)
const greenG = ref<number>()
const failure = ref<Failure>()
const working = ref(false)

const choices = computed(() =>
  (samples.data.value ?? [])
    .filter((s) => !s.stopped)
    .map((s) => ({ value: s.id, title: `${s.lotName}, ${s.stage} (${s.process})` })),
)
const templates = computed(() =>
  (roasts.data.value ?? [])
    .filter((r) => r.machineId === machineId.value)
    .map((r) => ({ value: r.id, title: `${roastName(r)}, ${moment(r.roastedAt)}` })),
)
const chosen = computed(() => samples.data.value?.find((s) => s.id === sampleId.value))
watch(samples.data, (all) => {
  const lot = Number(route.query.lot)
  // of a lot, the stage that was received last
  sampleId.value ??= (all?.filter((s) => s.lotId === lot).at(-1) ?? all?.[0])?.id
})

async function begin() {
  working.value = true
  const result = await answer(
    api.POST('/api/plans', {
      body: {
        greenSampleId: sampleId.value!,
        machineId: machineId.value,
        schoolId: schoolId.value ?? undefined,
        templateRoastId: templateId.value ?? undefined,
        greenG: greenG.value,
      },
    }),
  )
  working.value = false
  failure.value = result.failure
  if (result.data) {
    await router.replace(`/plan/${result.data.id}`)
  }
}
</script>

<template>
  <div class="page-head">
    <h1>Plan a roast</h1>
    <span class="quiet">everything can be changed afterwards</span>
  </div>
  <PageState
    :loading="samples.loading.value"
    :failure="samples.failure.value"
    :there="!!samples.data.value"
    :empty="samples.data.value?.length === 0"
    @retry="samples.reload"
  >
    <template #empty>
      <p>
        There is no green sample yet.
        <router-link class="plain" to="/green?new">Enter a lot</router-link> first.
      </p>
    </template>
    <div class="sides">
      <form class="card begin" novalidate @submit.prevent="begin">
        <v-autocomplete
          v-model="sampleId"
          :items="choices"
          label="Green sample"
          :error-messages="problemAt(failure, 'greenSampleId') ?? []"
        />
        <MachineSelect v-model="machineId" />
        <v-select
          v-model="schoolId"
          :items="schools.data.value?.schools ?? []"
          item-title="name"
          item-value="id"
          label="Style"
          clearable
          :hint="
            chosen?.process === 'natural'
              ? 'left open: fruit-forward natural'
              : 'left open: the protocol sample roast'
          "
          persistent-hint
        />
        <v-autocomplete
          v-model="templateId"
          :items="templates"
          label="Controls from an earlier roast"
          clearable
          hint="left open: the newest accepted roast of such a coffee"
          persistent-hint
        />
        <NumberField
          v-model="greenG"
          label="Batch"
          unit="g"
          hint="left open: this roaster’s usual batch"
          :problem="problemAt(failure, 'greenG')"
        />
        <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
        <v-btn type="submit" color="primary" :loading="working" :disabled="!sampleId">Begin the plan</v-btn>
      </form>
      <MostLikeCard
        v-if="sampleId && machineId"
        v-model="templateId"
        :sample-id="sampleId"
        :machine-id="machineId"
      />
    </div>
  </PageState>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: minmax(0, 620px) minmax(280px, 1fr);
  gap: 16px;
  align-items: start;
}
@media (max-width: 900px) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
  }
}
.begin {
  display: grid;
  gap: 14px;
  max-width: 640px;
}
.begin .v-btn {
  justify-self: start;
}
</style>
