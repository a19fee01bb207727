<script setup lang="ts">
import { computed } from 'vue'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { moment, roastName } from '@/shared/format/text'

const roasts = useLoad(() => answer(api.GET('/api/roasts')))
const samples = useLoad(() => answer(api.GET('/api/samples')))
const rows = computed(() => {
  const bySample = new Map((samples.data.value ?? []).map((s) => [s.roastId, s]))
  return (roasts.data.value ?? [])
    .filter((roast) => roast.kind !== 'warm-up')
    .map((roast) => ({ roast, sample: bySample.get(roast.id) }))
    .sort((a, b) => Number(!!a.sample) - Number(!!b.sample))
})
const figure = (n: number | undefined, unit = '') => (n === undefined ? '–' : `${n}${unit}`)
const one = (n: number | undefined, unit: string) => (n === undefined ? '–' : `${n.toFixed(1)} ${unit}`)
</script>

<template>
  <div class="page-head">
    <h1>Sample</h1>
    <span class="quiet">the roasted sample on the bench; what waits comes first</span>
    <span class="spacer" />
    <v-btn variant="text" to="/sample/meters">Meters</v-btn>
  </div>
  <PageState
    :loading="roasts.loading.value"
    :failure="roasts.failure.value ?? samples.failure.value"
    :there="!!roasts.data.value && !!samples.data.value"
    :empty="rows.length === 0"
    @retry="(roasts.reload(), samples.reload())"
  >
    <template #empty><p>Nothing on the bench: import the log of a roast first.</p></template>
    <div class="card table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>Sample</th>
            <th>Roasted</th>
            <th class="num">Weight loss</th>
            <th class="num">Whole</th>
            <th class="num">Ground</th>
            <th class="num">Quakers</th>
            <th class="num">Scorched</th>
            <th class="num">Tipped</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ roast, sample } in rows" :key="roast.id">
            <td>
              <router-link :to="`/sample/${roast.id}`">{{ roastName(roast) }}</router-link>
            </td>
            <td>{{ moment(roast.roastedAt) }}</td>
            <template v-if="sample">
              <td class="num">{{ one(sample.weightLossPct, '%') }}</td>
              <td class="num">{{ figure(sample.colourWhole) }}</td>
              <td class="num">{{ figure(sample.colourGround) }}</td>
              <td class="num">{{ figure(sample.quakersPer100g) }}</td>
              <td class="num">{{ figure(sample.scorchedPer100g) }}</td>
              <td class="num">{{ figure(sample.tippedPer100g) }}</td>
            </template>
            <td v-else colspan="6"><b>to weigh, read and count</b></td>
          </tr>
        </tbody>
      </table>
    </div>
  </PageState>
</template>
