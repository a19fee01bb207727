<script setup lang="ts">
import { useRoute } from 'vue-router'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { usePreferences } from '@/shared/preferences'
import RoastOffTable from './RoastOffTable.vue'
import ScoringTable from './ScoringTable.vue'
import TriangleTable from './TriangleTable.vue'

/** One table, by what it was laid for. */
const preferences = usePreferences()
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
    <component :is="TABLES[table.data.value.kind]" v-if="table.data.value" :id="id" />
    <p class="caution mt-4">
      Water at {{ preferences.wholeTemperature(93) }} scalds. Taste from a spoon, cooled, no sooner than you
      like: the clock calls at the protocol’s temperature, the house may set a lower one, and drinks hotter
      than {{ preferences.wholeTemperature(65) }} are classed as probably carcinogenic. Rinse the spoon
      between cups, and spit. Do not taste what is visibly mouldy or smells of chemicals.
    </p>
  </PageState>
</template>
