<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { choicesOf, type Code } from '@/shared/format/words'
import { usePreferences } from '@/shared/preferences'
import AnswerBars from './AnswerBars.vue'

/** Questions that a lead really asks: choose one, narrow it, read the answer with the rows behind it. */
const route = useRoute()
const router = useRouter()
const questions = useLoad(() => answer(api.GET('/api/questions')))
const machines = useLoad(() => answer(api.GET('/api/machines')))
const suppliers = useLoad(() => answer(api.GET('/api/suppliers')))
const id = ref(String(route.query.ask ?? 'lots-due'))
const narrow = reactive<{
  from?: string
  to?: string
  machineId?: number | null
  supplier?: string | null
  process?: Code<'Process'> | null
  person?: string
  cause?: string
}>({})
const asked = computed(() => questions.data.value?.find((q) => q.id === id.value))
const has = (filter: string) => asked.value?.filters.includes(filter) ?? false
const preferences = usePreferences()
const query = computed(() => ({
  ...Object.fromEntries(
    Object.entries(narrow).filter(([name, v]) => v !== undefined && v !== null && v !== '' && has(name)),
  ),
  ...(preferences.units.temperature === 'F' ? { fahrenheit: true } : {}),
}))
const view = useLoad(
  () => answer(api.GET('/api/questions/{id}', { params: { path: { id: id.value }, query: query.value } })),
  () => [id.value, JSON.stringify(query.value)],
)
const csv = computed(
  () =>
    `/api/questions/${id.value}/answer.csv?${new URLSearchParams(
      Object.entries(query.value).map(([k, v]) => [k, String(v)]),
    ).toString()}`,
)
// the page can be left and come back to, or sent to somebody
watch(id, (ask) => void router.replace({ query: { ask } }))
</script>

<template>
  <div class="page-head">
    <h1>Questions</h1>
    <span class="quiet">each with its answer, how sure it is, and the rows behind it</span>
    <span class="spacer" />
    <v-btn variant="text" to="/decision">To the decisions</v-btn>
  </div>
  <div class="sides">
    <nav class="card" aria-label="Questions">
      <button
        v-for="q in questions.data.value"
        :key="q.id"
        type="button"
        class="question"
        :aria-current="q.id === id ? 'true' : undefined"
        @click="id = q.id"
      >
        {{ q.question }}
      </button>
    </nav>
    <section class="card">
      <form class="narrow" @submit.prevent>
        <v-text-field v-if="has('from')" v-model="narrow.from" type="date" label="From" hide-details />
        <v-text-field v-if="has('to')" v-model="narrow.to" type="date" label="To" hide-details />
        <v-select
          v-if="has('machineId')"
          v-model="narrow.machineId"
          :items="(machines.data.value ?? []).map((m) => ({ value: m.id, title: m.name }))"
          label="Roaster"
          clearable
          hide-details
        />
        <v-select
          v-if="has('supplier')"
          v-model="narrow.supplier"
          :items="(suppliers.data.value ?? []).map((s) => s.name)"
          label="Supplier"
          clearable
          hide-details
        />
        <v-select
          v-if="has('process')"
          v-model="narrow.process"
          :items="choicesOf('Process')"
          label="Process"
          clearable
          hide-details
        />
        <v-text-field
          v-if="has('person')"
          v-model="narrow.person"
          label="Roasted by"
          clearable
          hide-details
        />
        <v-select
          v-if="has('cause')"
          v-model="narrow.cause"
          :items="choicesOf('Cause')"
          label="Called"
          hide-details
        />
      </form>
      <PageState
        :loading="view.loading.value"
        :failure="view.failure.value"
        :there="!!view.data.value"
        @retry="view.reload"
      >
        <template v-if="view.data.value">
          <h2>{{ view.data.value.question }}</h2>
          <p class="said">{{ view.data.value.answer }}</p>
          <p class="quiet">{{ view.data.value.sure }}</p>
          <AnswerBars v-if="view.data.value.bars.length" :bars="view.data.value.bars" />
          <div v-if="view.data.value.rows.length" class="table-scroll">
            <table class="plain">
              <thead>
                <tr>
                  <th v-for="c in view.data.value.columns" :key="c">{{ c }}</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="(r, i) in view.data.value.rows" :key="i">
                  <td v-for="(c, n) in r.cells" :key="n">
                    <router-link v-if="n === 0 && r.link" :to="r.link">{{ c }}</router-link>
                    <template v-else>{{ c }}</template>
                  </td>
                </tr>
              </tbody>
            </table>
          </div>
          <v-btn v-if="view.data.value.rows.length" variant="text" :href="csv">These rows as CSV</v-btn>
        </template>
      </PageState>
    </section>
  </div>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: 280px minmax(0, 1fr);
  gap: 16px;
  align-items: start;
}
.question {
  display: block;
  width: 100%;
  text-align: left;
  min-height: 44px;
  padding: 8px 12px;
  border-left: 3px solid transparent;
}
.question[aria-current] {
  border-left-color: var(--moss);
  font-weight: 600;
}
.narrow {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 10px;
  margin-bottom: 14px;
}
.said {
  font-size: 1.25rem;
  margin: 6px 0;
}
@media (max-width: 800px) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
