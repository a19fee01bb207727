<script setup lang="ts">
import { computed, ref } from 'vue'
import { useIntervalFn } from '@vueuse/core'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { choicesOf, wordsOf, type Code, labelOf } from '@/shared/format/words'
import { capital, moment, roastName } from '@/shared/format/text'
import AgeingCard from './AgeingCard.vue'
import { nextOf } from './shelf'

/** The rest shelf: when each sample may be cupped, in the order in which a table is laid. */
const shelf = useLoad(() => answer(api.GET('/api/rest/shelf')))
const now = ref(Date.now())
useIntervalFn(() => (now.value = Date.now()), 20_000)
useIntervalFn(() => shelf.reload(), 120_000)

const SCHOOLS = choicesOf('RestSchool')
const school = computed({
  get: () => shelf.data.value?.school,
  set: async (s) => {
    await answer(api.PUT('/api/rest/school', { body: { school: s } }))
    await shelf.reload()
  },
})
/** The school of one process; left alone it goes with the others. */
async function keepFor(process: Code<'Process'>, s: Code<'RestSchool'> | null) {
  await answer(
    api.PUT('/api/rest/school', {
      body: { school: s ?? undefined, process },
    }),
  )
  await shelf.reload()
}
const GROUPS = [
  { key: 'now', title: 'On the table now', states: ['best', 'open'] },
  { key: 'resting', title: 'Resting', states: ['resting'] },
  { key: 'missed', title: 'Past its window: cup it as what it is, a cup of that age', states: ['missed'] },
]
const groups = computed(() =>
  GROUPS.map((g) => ({
    ...g,
    items: (shelf.data.value?.items ?? []).filter((i) => g.states.includes(i.state)),
  })),
)
const studied = computed(() => new Set(shelf.data.value?.ageing.map((a) => a.roastId)))
async function keepBack(id: number) {
  await answer(
    api.PUT('/api/roasts/{id}/ageing', {
      params: { path: { id } },
      body: {},
    }),
  )
  await shelf.reload()
}
const table = computed(() =>
  groups.value[0]!.items.filter((i) => i.verdict !== 'roast-again').map((i) => `roast=${i.roastId}`),
)
</script>

<template>
  <div class="page-head">
    <h1>Rest</h1>
    <span class="quiet">what may be cupped, and when</span>
    <span class="spacer" />
    <v-btn v-if="table.length" color="primary" :to="`/cupping?${table.join('&')}`">Lay the table</v-btn>
    <v-btn variant="outlined" href="/api/rest/shelf.ics">Calendar</v-btn>
  </div>
  <PageState
    :loading="shelf.loading.value"
    :failure="shelf.failure.value"
    :there="!!shelf.data.value"
    @retry="shelf.reload"
  >
    <v-select v-model="school" class="school" :items="SCHOOLS" label="Rest by" hide-details />
    <details class="ages">
      <summary>What age means, and a style of rest for one process</summary>
      <ul>
        <li v-for="line in shelf.data.value!.age" :key="line">{{ line }}</li>
      </ul>
      <p class="quiet">In every style a natural rests a day longer.</p>
      <div class="by-process">
        <v-select
          v-for="p in wordsOf('Process')"
          :key="p.value"
          :model-value="shelf.data.value!.byProcess[p.value] ?? null"
          :items="SCHOOLS"
          :label="capital(p.title)"
          placeholder="as the others"
          persistent-placeholder
          clearable
          hide-details
          density="compact"
          @update:model-value="keepFor(p.value, $event)"
        />
      </div>
    </details>
    <section v-for="g in groups" :key="g.key" class="card group">
      <h2 :class="{ ember: g.key === 'missed' && g.items.length }">{{ g.title }}</h2>
      <div v-if="g.items.length" class="table-scroll">
        <table class="plain">
          <thead>
            <tr>
              <th>Sample</th>
              <th>Dropped</th>
              <th class="num">Age</th>
              <th>Next</th>
              <th>Bench</th>
              <th><span class="d-sr-only">what to do</span></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="i in g.items" :key="i.roastId">
              <td>
                <router-link :to="`/sample/${i.roastId}`">{{ roastName(i) }}</router-link>
                <span class="quiet process"> · {{ i.process }}</span>
              </td>
              <td>{{ moment(i.droppedAt) }}</td>
              <td class="num">
                {{ i.ageH < 48 ? `${Math.max(0, i.ageH).toFixed(1)} h` : `${(i.ageH / 24).toFixed(1)} d` }}
              </td>
              <td><b v-if="i.state === 'best'">at its best, </b>{{ nextOf(i, now) }}</td>
              <td :class="{ ember: i.verdict === 'roast-again' }">
                {{ labelOf('BenchJudgementVerdict', i.verdict) }}
              </td>
              <td class="actions">
                <v-btn
                  size="small"
                  variant="text"
                  :href="`/api/roasts/${i.roastId}/label.pdf`"
                  target="_blank"
                  >Label</v-btn
                >
                <v-btn v-if="!studied.has(i.roastId)" size="small" variant="text" @click="keepBack(i.roastId)"
                  >Keep some back</v-btn
                >
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-else class="quiet">Nothing.</p>
    </section>
    <AgeingCard :studies="shelf.data.value!.ageing" @changed="shelf.reload" />
    <p class="caution mt-4">
      Resting coffee gives off carbon monoxide for days: ventilate the shelf, the bins and the room, do not
      put your head into a bin, and follow local exposure limits.
    </p>
  </PageState>
</template>

<style scoped>
.school {
  max-width: 420px;
  margin-bottom: 8px;
}
.ages {
  margin-bottom: 14px;
}
.by-process {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 8px 12px;
  margin-top: 8px;
}
.group {
  margin-bottom: 14px;
}
.process {
  margin-left: 8px;
}
.actions {
  text-align: right;
  white-space: nowrap;
}
</style>
