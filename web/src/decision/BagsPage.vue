<script setup lang="ts">
import { ref } from 'vue'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { moment, one } from '@/shared/format/text'

/** From a bag to its batches and lots, and from a lot to all its bags: for a recall. */
const bag = ref('')
const sought = ref('')
const lotId = ref<number | null>(null)
const lots = useLoad(() => answer(api.GET('/api/lots')))
const found = useLoad(
  () =>
    lotId.value
      ? answer(api.GET('/api/lots/{id}/bags', { params: { path: { id: lotId.value } } }))
      : answer(api.GET('/api/bags', { params: { query: { bag: sought.value } } })),
  () => [sought.value, lotId.value],
)
function seek() {
  lotId.value = null
  sought.value = bag.value.trim()
}
</script>

<template>
  <div class="page-head">
    <h1>Which bags?</h1>
    <span class="quiet">from a bag to its batches and their green, and from a lot to all its bags</span>
    <span class="spacer" />
    <v-btn variant="text" to="/decision/profiles">To the profiles</v-btn>
  </div>
  <form class="card seek" @submit.prevent="seek">
    <v-text-field v-model="bag" label="Bucket or bag" placeholder="B-131" hide-details />
    <v-btn type="submit" color="primary" :disabled="!bag.trim()">Find its batches</v-btn>
    <span class="quiet">or</span>
    <v-select
      v-model="lotId"
      :items="(lots.data.value ?? []).map((l) => ({ value: l.id, title: l.name }))"
      label="All bags of a lot"
      clearable
      hide-details
    />
  </form>
  <PageState
    :loading="found.loading.value"
    :failure="found.failure.value"
    :there="!!found.data.value && (!!sought || !!lotId)"
    :empty="found.data.value?.length === 0 && (!!sought || !!lotId)"
    @retry="found.reload"
  >
    <template #empty><p>Nothing is known of that: no batch was said to have gone there.</p></template>
    <div class="card table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>Bag</th>
            <th>Batch</th>
            <th>Roasted</th>
            <th class="num">kg</th>
            <th>Decided</th>
            <th>Green</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="p in found.data.value" :key="`${p.bag} ${p.roastId}`">
            <td>{{ p.bag }}</td>
            <td>
              <router-link :to="`/roast/${p.roastId}`">{{ p.title }}</router-link>
            </td>
            <td>{{ moment(p.roastedAt) }}</td>
            <td class="num">{{ p.kg === undefined ? '' : one(p.kg) }}</td>
            <td :class="{ ember: p.released === false }">
              {{ p.released === undefined ? '' : p.released ? 'released' : 'held' }}
            </td>
            <td>
              <router-link :to="`/green/${p.lotId}`">{{ p.lotName }}</router-link>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </PageState>
</template>

<style scoped>
.seek {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto minmax(0, 1fr);
  gap: 12px;
  align-items: center;
  margin-bottom: 14px;
}
@media (max-width: 700px) {
  .seek {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
