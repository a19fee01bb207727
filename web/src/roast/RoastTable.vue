<script setup lang="ts">
import { onMounted } from 'vue'
import { useCurveVerdicts } from './curveVerdicts'
import type { Schemas } from '@/shared/api/client'
import { capital, clock, moment, roastName, roastNumber } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'

withDefaults(defineProps<{ roasts: Schemas['RoastView'][]; lot?: boolean; choose?: boolean }>(), {
  lot: true,
  choose: false,
})
/** Roasts to lay over each other, at most six. */
const chosen = defineModel<number[]>('chosen', { default: () => [] })
const MOST = 6
function toggle(id: number) {
  chosen.value = chosen.value.includes(id) ? chosen.value.filter((i) => i !== id) : [...chosen.value, id]
}
const preferences = usePreferences()
const share = (pct: number | undefined) => (pct === undefined ? '–' : `${pct.toFixed(0)} %`)
const verdicts = useCurveVerdicts()
onMounted(verdicts.refresh)
</script>

<template>
  <div class="card table-scroll">
    <table class="plain">
      <thead>
        <tr>
          <th v-if="choose" class="tick"><span class="sr">Compare</span></th>
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
          <td v-if="choose" class="tick">
            <input
              type="checkbox"
              :checked="chosen.includes(r.id)"
              :disabled="chosen.length >= MOST && !chosen.includes(r.id)"
              :aria-label="`Compare ${roastName(r)}`"
              @change="toggle(r.id)"
            />
          </td>
          <td>
            <router-link :to="`/roast/${r.id}`">{{
              lot ? roastName(r) : capital(roastNumber(r))
            }}</router-link>
            <span v-if="lot" class="quiet"> · {{ r.process }}</span>
            <span v-if="r.stage !== 'arrival'" class="quiet"> · {{ r.stage }}</span>
          </td>
          <td>{{ moment(r.roastedAt) }}</td>
          <td>{{ r.machineName }}</td>
          <td class="num">{{ r.chargeC === undefined ? '–' : preferences.temperatureText(r.chargeC) }}</td>
          <td class="num">{{ r.dropC === undefined ? '–' : preferences.temperatureText(r.dropC) }}</td>
          <td class="num">{{ r.totalS === undefined ? '–' : clock(r.totalS) }}</td>
          <td class="num">{{ share(r.developmentPct) }}</td>
          <td>
            <span v-if="r.missingMarks" class="ember">events to mark</span>
            <span v-else-if="!verdicts.mayTell(r.id)" class="quiet">told after the cup</span>
            <span v-else-if="r.faults.length" class="ember">{{ r.faults.join(', ') }}</span>
            <span v-else class="quiet">clean</span>
            <span v-if="r.accepted" class="quiet"> · reference</span>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.tick {
  width: 44px;
}
.tick input {
  width: 20px;
  height: 20px;
  accent-color: var(--moss);
}
@media (pointer: coarse) {
  .tick input {
    width: 32px;
    height: 32px;
    margin: 6px;
  }
}
.sr {
  position: absolute;
  left: -9999px;
}
</style>
