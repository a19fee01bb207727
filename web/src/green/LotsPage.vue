<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { useKeys } from '@/shared/keyboard/useKeys'
import { day } from '@/shared/format/text'
import LotForm from './LotForm.vue'
import TableTransfer from './TableTransfer.vue'

const route = useRoute()
const router = useRouter()
const lots = useLoad(() => answer(api.GET('/api/lots')))
const entering = ref(route.query.new !== undefined)
const sought = ref('')
const shown = computed(() => {
  const words = sought.value.toLowerCase().split(/\s+/).filter(Boolean)
  return (lots.data.value ?? []).filter((l) =>
    words.every((w) => `${l.name} ${l.supplier} ${l.origin} ${l.process}`.toLowerCase().includes(w)),
  )
})
const figure = (n: number | undefined, unit: string) =>
  n === undefined ? '–' : `${Number(n.toFixed(1))} ${unit}`
useKeys([{ key: 'n', does: 'enter a new lot', run: () => (entering.value = true) }])
</script>

<template>
  <div class="page-head">
    <h1>Green</h1>
    <span class="quiet">lots that came, newest first</span>
    <span class="spacer" />
    <v-btn variant="text" to="/put-aside">Put aside</v-btn>
    <TableTransfer @imported="lots.reload" />
    <v-btn v-if="!entering" color="primary" @click="entering = true">New lot</v-btn>
  </div>
  <LotForm v-if="entering" @saved="(lot) => router.push(`/green/${lot.id}`)" @cancel="entering = false" />
  <PageState
    :loading="lots.loading.value"
    :failure="lots.failure.value"
    :there="!!lots.data.value"
    :empty="lots.data.value?.length === 0"
    @retry="lots.reload"
  >
    <template #empty>
      <h2>No lot yet</h2>
      <p class="mt-2">Enter the first one: its name, where it came from, and what you measured.</p>
    </template>
    <v-text-field v-model="sought" class="mb-3 search" label="Find a lot" clearable />
    <div class="card table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>Lot</th>
            <th>Origin</th>
            <th>Process</th>
            <th>Supplier</th>
            <th>Arrived</th>
            <th class="num">Weight</th>
            <th class="num">Moisture</th>
            <th class="num">Density</th>
            <th class="num">Screen</th>
            <th class="num">Roasts</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in shown" :key="l.id">
            <td>
              <router-link :to="`/green/${l.id}`">{{ l.name }}</router-link>
            </td>
            <td>{{ l.origin }}</td>
            <td>{{ l.process }}</td>
            <td>{{ l.supplier }}</td>
            <td>{{ day(l.arrivalDate) }}</td>
            <td class="num">{{ l.kg }} kg</td>
            <td class="num">{{ figure((l.newest ?? l).moisturePct, '%') }}</td>
            <td class="num">{{ figure((l.newest ?? l).densityGPerL, 'g/L') }}</td>
            <td class="num">{{ (l.newest ?? l).screen ?? '–' }}</td>
            <td class="num">{{ l.roasts || 'none yet' }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="shown.length === 0" class="quiet">No lot matches “{{ sought }}”.</p>
    </div>
  </PageState>
</template>

<style scoped>
.search {
  max-width: 320px;
}
</style>
