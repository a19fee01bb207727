<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import { clock, moment, roastName } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'

withDefaults(defineProps<{ roasts: Schemas['RoastView'][]; lot?: boolean }>(), { lot: true })
const preferences = usePreferences()
const share = (pct: number | undefined) => (pct === undefined ? '–' : `${pct.toFixed(0)} %`)
</script>

<template>
  <div class="card table-scroll">
    <table class="plain">
      <thead>
        <tr>
          <th>Roast</th>
          <th>Roasted</th>
          <th>Roaster</th>
          <th class="num">Charge</th>
          <th class="num">Drop</th>
          <th class="num">Total</th>
          <th class="num">Development</th>
          <th>Log</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in roasts" :key="r.id">
          <td>
            <router-link :to="`/roast/${r.id}`">{{ lot ? roastName(r) : `Roast ${r.number}` }}</router-link>
            <span v-if="lot" class="quiet"> {{ r.process }}</span>
            <span v-if="r.stage !== 'arrival'" class="quiet"> {{ r.stage }}</span>
          </td>
          <td>{{ moment(r.roastedAt) }}</td>
          <td>{{ r.machineName }}</td>
          <td class="num">{{ r.chargeC === undefined ? '–' : preferences.temperatureText(r.chargeC) }}</td>
          <td class="num">{{ r.dropC === undefined ? '–' : preferences.temperatureText(r.dropC) }}</td>
          <td class="num">{{ r.totalS === undefined ? '–' : clock(r.totalS) }}</td>
          <td class="num">{{ share(r.developmentPct) }}</td>
          <td>
            <span v-if="r.missingMarks" class="ember">events to mark</span>
            <span v-else-if="r.faults.length" class="ember">{{ r.faults.join(', ') }}</span>
            <span v-else class="quiet">clean</span>
            <span v-if="r.accepted" class="quiet"> · reference</span>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
