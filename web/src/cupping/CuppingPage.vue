<script setup lang="ts">
import { useRoute } from 'vue-router'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { useWho } from '@/shared/who'
import { usePreferences } from '@/shared/preferences'
import MendTable from './MendTable.vue'
import RoastOffTable from './RoastOffTable.vue'
import ScoringTable from './ScoringTable.vue'
import TriangleTable from './TriangleTable.vue'

/** One table, by what it was laid for. */
const preferences = usePreferences()
const who = useWho()
const id = Number(useRoute().params.id)
const table = useLoad(() => answer(api.GET('/api/cuppings/{id}', { params: { path: { id } } })))
const TABLES = {
  scoring: ScoringTable,
  triage: ScoringTable,
  triangle: TriangleTable,
  'roast-off': RoastOffTable,
}
</script>

<template>
  <PageState
    :loading="table.loading.value"
    :failure="table.failure.value"
    :there="!!table.data.value"
    @retry="table.reload()"
  >
    <component
      :is="TABLES[table.data.value.kind]"
      v-if="table.data.value"
      :id="id"
      :key="table.data.value.cuppedAt"
    />
    <MendTable v-if="table.data.value && who.leads" :table="table.data.value" @changed="table.reload" />
    <p class="caution mt-4">
      Water at {{ preferences.wholeTemperature(93) }} scalds. Taste from a spoon, cooled, no sooner than you
      like: the clock calls at the protocol’s temperature, the house may set a lower one, and drinks hotter
      than {{ preferences.wholeTemperature(65) }} are classed as probably carcinogenic. Rinse the spoon
      between cups, and spit. Do not taste what is visibly mouldy or smells of chemicals.
    </p>
  </PageState>
</template>
