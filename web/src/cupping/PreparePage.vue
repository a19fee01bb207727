<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { useStorage } from '@vueuse/core'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { moment } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import ClockCard from './ClockCard.vue'
import PutOutCard from './PutOutCard.vue'
import WeighTable from './WeighTable.vue'

/** For whoever prepares a table: what to weigh, grind and pour, and what to put out beside it. */
const id = Number(useRoute().params.id)
const preferences = usePreferences()
const path = { params: { path: { id } } }
const table = useLoad(() => answer(api.GET('/api/cuppings/{id}', path)))
const sheet = ref<Schemas['PreparationView']>()
const failure = ref<Failure>()
const putOut = useStorage<string[]>(`barrowmist.putOut.${id}`, [])
const blind = computed(() => (table.data.value?.blind ?? 'open') !== 'open')
const query = computed(() => ({ words: putOut.value, fahrenheit: preferences.units.temperature === 'F' }))
const pdf = computed(
  () =>
    `/api/cuppings/${id}/preparation.pdf?${new URLSearchParams({ words: putOut.value.join(','), fahrenheit: String(query.value.fahrenheit) })}`,
)

async function show() {
  const result = await answer(
    api.GET('/api/cuppings/{id}/preparation', { params: { path: { id }, query: query.value } }),
  )
  failure.value = result.failure
  sheet.value = result.data ?? sheet.value
}
async function opened() {
  await table.reload()
  if (table.data.value && !blind.value) {
    await show()
  }
}
void opened()
</script>

<template>
  <PageState
    :loading="table.loading.value"
    :failure="table.failure.value"
    :there="!!table.data.value"
    @retry="opened"
  >
    <template v-if="table.data.value">
      <div class="page-head">
        <h1>Prepare the table</h1>
        <span class="quiet">{{ moment(table.data.value.cuppedAt) }}</span>
        <span class="spacer" />
        <v-btn variant="text" :to="`/cupping/${id}`">To the table</v-btn>
      </div>
      <section v-if="!sheet" class="card ask" aria-labelledby="ask-title">
        <h2 id="ask-title">For whoever prepares the cups</h2>
        <p v-if="blind">
          This sheet says what stands under each
          {{
            table.data.value.blind === 'coded'
              ? 'code: that it was looked at is noted on the table.'
              : 'mark.'
          }}
          Whoever tastes leaves it to somebody else.
        </p>
        <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
        <v-btn color="primary" @click="show">Show the preparation sheet</v-btn>
      </section>
      <template v-else>
        <ul v-if="sheet.warnings.length" class="card warnings" aria-label="Before the pour">
          <li v-for="w in sheet.warnings" :key="w">{{ w }}</li>
        </ul>
        <ClockCard :id="id" :names="{}" />
        <WeighTable :id="id" :samples="sheet.samples" :shuffled="sheet.blind === 'underside'" />
        <section class="card" aria-labelledby="then-title">
          <h2 id="then-title">Then</h2>
          <ol class="steps">
            <li v-for="s in sheet.steps" :key="s">{{ s }}</li>
          </ol>
          <template v-if="sheet.sets.length">
            <h3>Cups of each set, from left to right</h3>
            <ol class="sets">
              <li v-for="s in sheet.sets" :key="s.set">
                <span class="quiet">{{ s.set }}</span> <b>{{ s.codes.join(' ') }}</b>
              </li>
            </ol>
          </template>
          <p v-for="c in sheet.cautions" :key="c" class="caution">{{ c }}</p>
          <div class="row">
            <v-btn variant="outlined" :href="pdf" target="_blank">Print this sheet</v-btn>
            <v-btn variant="outlined" :href="`/api/cuppings/${id}/labels.pdf`" target="_blank"
              >Print the labels</v-btn
            >
          </div>
        </section>
        <PutOutCard v-model="putOut" :things="sheet.things" @update:model-value="show" />
      </template>
    </template>
  </PageState>
</template>

<style scoped>
.card {
  margin-bottom: 14px;
}
.ask {
  display: grid;
  gap: 12px;
}
.ask .v-btn {
  justify-self: start;
}
.warnings {
  list-style: none;
  border-left: 4px solid var(--ember);
}
.steps {
  margin-bottom: 14px;
  padding-left: 22px;
  display: grid;
  gap: 8px;
  max-width: 76ch;
}
.sets {
  list-style: none;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(110px, 1fr));
  gap: 4px 16px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin-top: 12px;
}
</style>
