<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { moment, plural, roastName } from '@/shared/format/text'
import { found } from './standings'

/** A whole lot, or a whole table: what its cups share, and whether that speaks of one roast or of all. */
const route = useRoute()
const id = Number(route.params.id)
const ofLot = route.params.what === 'lot'
const view = useLoad(() => {
  const at = { params: { path: { id } } }
  return answer(ofLot ? api.GET('/api/lots/{id}/trace', at) : api.GET('/api/cuppings/{id}/trace', at))
})
const MOST = 4
const beside = computed(() => ({
  path: '/trace/beside',
  query: { id: (view.data.value?.roasts ?? []).slice(0, MOST).map((r) => r.roastId) },
}))
</script>

<template>
  <div class="page-head">
    <h1>{{ ofLot ? 'The lot as a whole' : 'The table as a whole' }}</h1>
    <span v-if="view.data.value" class="quiet">{{
      plural(view.data.value.of, ofLot ? 'cupped roast' : 'sample')
    }}</span>
    <span class="spacer" />
    <v-btn variant="text" :to="ofLot ? `/green/${id}` : `/cupping/${id}`">{{
      ofLot ? 'To the lot' : 'To the table'
    }}</v-btn>
  </div>
  <PageState
    :loading="view.loading.value"
    :failure="view.failure.value"
    :there="!!view.data.value"
    :empty="view.data.value?.of === 0"
    @retry="view.reload"
  >
    <template #empty
      ><p>
        {{ ofLot ? 'None of its roasts has been cupped yet.' : 'Its cups count when the table is revealed.' }}
      </p></template
    >
    <template v-if="view.data.value">
      <p v-if="view.data.value.says" class="card says">{{ view.data.value.says }}</p>
      <p v-else class="card">They share nothing that is wrong.</p>
      <section class="card">
        <h2 class="label">Words of faults</h2>
        <p v-if="!view.data.value.words.length" class="quiet">None.</p>
        <p v-else>
          <span v-for="w in view.data.value.words" :key="w.word" class="word"
            >{{ w.word }} <span class="quiet">{{ w.in }} of {{ view.data.value.of }}</span></span
          >
        </p>
      </section>
      <section class="card table-scroll">
        <table class="plain">
          <thead>
            <tr>
              <th>Roast</th>
              <th>Roasted</th>
              <th class="num">Score</th>
              <th>Strongest finding</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="r in view.data.value.roasts" :key="r.roastId">
              <td>
                <router-link :to="`/trace/${r.roastId}`">{{ roastName(r) }}</router-link>
              </td>
              <td>{{ moment(r.roastedAt) }}</td>
              <td class="num">{{ r.finalScore?.toFixed(2) ?? '–' }}</td>
              <td>{{ found(r) }}</td>
            </tr>
          </tbody>
        </table>
        <v-btn v-if="view.data.value.roasts.length > 1" class="mt-3" variant="outlined" :to="beside"
          >Side by side</v-btn
        >
      </section>
    </template>
  </PageState>
</template>

<style scoped>
.card + .card {
  margin-top: 14px;
}
.says {
  font-size: 1.15rem;
}
.says::first-letter {
  text-transform: uppercase;
}
.word {
  display: inline-block;
  margin-right: 20px;
}
</style>
