<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { capital } from '@/shared/format/text'
import PageState from './PageState.vue'

/** Lots, tables, roasters and plans that lists leave out, and the way back. */
const all = useLoad(() => answer(api.GET('/api/put-aside')))
const failure = ref<Failure>()
const NAMES: Record<string, string> = { lots: 'lot', cuppings: 'table', machines: 'roaster', plans: 'plan' }
const PAGES: Record<string, string> = {
  lots: '/green',
  cuppings: '/cupping',
  machines: '/machines',
  plans: '/plan',
}

async function takeBack(thing: Schemas['PutAside']) {
  const sent = { params: { path: { id: thing.id } }, body: { aside: false } }
  const result = await answer(
    thing.kind === 'lots'
      ? api.PUT('/api/lots/{id}/aside', sent)
      : thing.kind === 'cuppings'
        ? api.PUT('/api/cuppings/{id}/aside', sent)
        : thing.kind === 'machines'
          ? api.PUT('/api/machines/{id}/aside', sent)
          : api.PUT('/api/plans/{id}/aside', sent),
  )
  failure.value = result.failure
  await all.reload()
}
</script>

<template>
  <div class="page-head">
    <h1>Put aside</h1>
    <span class="quiet">lists leave it out; what stands on it goes on</span>
  </div>
  <PageState
    :loading="all.loading.value"
    :failure="all.failure.value ?? failure"
    :there="!!all.data.value"
    :empty="all.data.value?.length === 0"
    @retry="((failure = undefined), all.reload())"
  >
    <template #empty><p>Nothing was put aside.</p></template>
    <table class="plain card">
      <thead>
        <tr>
          <th>What</th>
          <th>Name</th>
          <th><span class="d-sr-only">what to do</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="t in all.data.value" :key="`${t.kind} ${t.id}`">
          <td>{{ capital(NAMES[t.kind] ?? t.kind) }}</td>
          <td>
            <router-link :to="`${PAGES[t.kind]}/${t.id}`">{{ t.name }}</router-link>
          </td>
          <td><v-btn variant="outlined" size="small" @click="takeBack(t)">Take it back</v-btn></td>
        </tr>
      </tbody>
    </table>
  </PageState>
</template>
