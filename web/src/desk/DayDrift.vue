<script setup lang="ts">
import { watch } from 'vue'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { clock } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'

/** The batches of today on one roaster, each from its charge on, and whether they drift. */
const props = defineProps<{ machineId: number; again: string }>()
const preferences = usePreferences()
const day = useLoad(() =>
  answer(
    api.GET('/api/desks/{machineId}/day', {
      params: {
        path: { machineId: props.machineId },
        query: { fahrenheit: preferences.units.temperature === 'F', per30s: preferences.units.per === '30s' },
      },
    }),
  ),
)
watch(() => props.again, day.reload)
const s = (v?: number) => (v === undefined ? '–' : clock(v))
const t = (v?: number) => (v === undefined ? '–' : preferences.temperatureText(v))
</script>

<template>
  <section v-if="day.data.value?.batches.length" class="card">
    <h2>Batches of today</h2>
    <div class="scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>charged</th>
            <th>coffee</th>
            <th class="num">charge</th>
            <th class="num">environment</th>
            <th class="num">turning point</th>
            <th class="num">dry end</th>
            <th class="num">first crack</th>
            <th class="num">drop</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="b in day.data.value.batches" :key="b.roastId">
            <td>{{ b.chargedAt }}</td>
            <td>
              <router-link :to="`/roast/${b.roastId}`">{{ b.lotName }}</router-link>
            </td>
            <td class="num">{{ t(b.chargeC) }}</td>
            <td class="num">{{ t(b.environmentC) }}</td>
            <td class="num">{{ s(b.turningPointS) }}</td>
            <td class="num">{{ s(b.dryEndS) }}</td>
            <td class="num">{{ s(b.firstCrackS) }}</td>
            <td class="num">{{ s(b.dropS) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="quiet">{{ day.data.value.drift }}</p>
  </section>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
</style>
