<script setup lang="ts">
import { watch } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { labelOf } from '@/shared/format/words'

/** The desks: with one roaster its desk opens at once. */
const router = useRouter()
const desks = useLoad(() => answer(api.GET('/api/desks')))
watch(
  () => desks.data.value,
  (all) => {
    if (all?.length === 1) {
      void router.replace(`/roast/desk/${all[0]!.machineId}`)
    }
  },
)
</script>

<template>
  <h1>Desks</h1>
  <PageState
    :loading="desks.loading.value"
    :failure="desks.failure.value"
    :there="!!desks.data.value"
    @retry="desks.reload"
  >
    <ul class="desks">
      <li v-for="d in desks.data.value" :key="d.machineId" class="card">
        <router-link :to="`/roast/desk/${d.machineId}`">{{ d.machineName }}</router-link>
        <span>{{ d.lotName ? `${d.lotName}, ` : '' }}{{ labelOf('DeskPhase', d.phase) }}</span>
        <span class="quiet">{{ labelOf('DeskViewsLinkStatus', d.link) }}</span>
      </li>
    </ul>
    <p v-if="desks.data.value?.length === 0" class="card">
      There is no roaster yet: <router-link to="/machines">add one</router-link>, and its desk is here.
    </p>
  </PageState>
</template>

<style scoped>
.desks {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 12px;
  margin-top: 16px;
}
.desks li {
  display: flex;
  gap: 24px;
  align-items: center;
  min-height: 56px;
}
.desks a {
  font-weight: 600;
}
</style>
