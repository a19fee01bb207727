<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, problemAt, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import KeptNote from '@/shared/kept/KeptNote.vue'
import { useKept } from '@/shared/kept/useKept'
import PageState from '@/shared/components/PageState.vue'
import RemoveThing from '@/shared/components/RemoveThing.vue'
import { useWho } from '@/shared/who'
import AbilityCard from './AbilityCard.vue'
import LinkCard from './LinkCard.vue'
import ModelCard from './ModelCard.vue'
import OutlookScoreCard from './OutlookScoreCard.vue'
import { provideControls } from '@/shared/useControls'
import ProtocolEditor from './ProtocolEditor.vue'
import ReferenceCard from './ReferenceCard.vue'
import UpkeepCard from './UpkeepCard.vue'

/** One roaster: what it can do, what is done between its batches, and what is learned of it. */
const who = useWho()
const id = Number(useRoute().params.id)
const params = { params: { path: { id } } }
const machine = useLoad(() => answer(api.GET('/api/machines/{id}', params)))
const references = useLoad(() =>
  answer(api.GET('/api/machines/{machineId}/references', { params: { path: { machineId: id } } })),
)
const draft = ref<Schemas['MachineView']>()
provideControls(() => draft.value?.settings)
type Entry = Omit<Schemas['MachineEntry'], 'version'>
type Machine = Schemas['MachineView']

const entryOf = ({ name, drumCapacityG, settings }: Machine): Entry => ({ name, drumCapacityG, settings })
const kept = useKept<Entry, Machine>({
  key: `machine.${id}`,
  content: () => entryOf(draft.value!),
  save: (body, version) => answer(api.PUT('/api/machines/{id}', { ...params, body: { ...body, version } })),
  delayMs: 700,
})
let taking = false
watch(
  () => machine.data.value,
  (m) => {
    if (m) {
      taking = true
      draft.value = JSON.parse(JSON.stringify({ ...m, ...kept.loaded(m.version, entryOf(m)) })) as Machine
      void nextTick(() => (taking = false))
    }
  },
)
watch(draft, () => !taking && kept.changed(), { deep: true })
const failure = kept.failure
const at = (field: string) => problemAt(failure.value, field)
const protocolProblems = computed(
  () => failure.value?.problems.filter((p) => p.field === 'protocol').map((p) => p.message) ?? [],
)
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
        <KeptNote :kept="kept" @theirs="machine.reload" />
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
          <UpkeepCard :machine-id="id" />
        </div>
        <form class="left" novalidate @submit.prevent="kept.flush">
          <AbilityCard v-model="draft" :problem-at="at" />
          <ProtocolEditor v-model="draft.settings.protocol" :problems="protocolProblems" />
          <LinkCard
            v-model="draft.settings.link"
            :machine-id="id"
            :own-scale="
              !!(draft.settings.gas.scale || draft.settings.air?.scale || draft.settings.drum?.scale)
            "
            :problem-at="at"
          />
        </form>
      </div>
      <RemoveThing
        v-if="who.leads"
        :id="id"
        class="mt-4"
        kind="machines"
        what="this roaster"
        after="/machines"
      />
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
.left {
  display: grid;
  gap: 14px;
}
@media (max-width: 950px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
