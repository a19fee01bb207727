<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { clock, one } from '@/shared/format/text'
import { rateText, shownDifference, shownRate, temperatureText } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'

/** What the drum's own model foretells of the one change: each figure as it was and as it would be. */
const props = defineProps<{ foretold: Schemas['ForetoldFigure'][] }>()
const preferences = usePreferences()

const shown = computed(() =>
  props.foretold.map((f) => ({
    label: f.label,
    before: text(f.unit, f.before),
    after: text(f.unit, f.after),
    spread: f.plusMinus === undefined ? '' : `± ${spread(f.unit, f.plusMinus)}`,
  })),
)

function text(unit: string, value: number): string {
  const u = preferences.units
  switch (unit) {
    case 'seconds':
      return clock(value)
    case 'celsius':
      return temperatureText(value, u)
    case 'celsius_per_minute':
      return rateText(value, u)
    default:
      return `${one(value)} %`
  }
}

function spread(unit: string, value: number): string {
  const u = preferences.units
  switch (unit) {
    case 'seconds':
      return `${Math.round(value)} s`
    case 'celsius':
      return one(shownDifference(value, u))
    case 'celsius_per_minute':
      return one(shownRate(value, u))
    default:
      return one(value)
  }
}
</script>

<template>
  <table v-if="shown.length" class="plain foretold" aria-label="What the drum’s model foretells">
    <thead>
      <tr>
        <th>Foretold by the drum’s model</th>
        <th class="num">was</th>
        <th class="num">would be</th>
        <th class="num" />
      </tr>
    </thead>
    <tbody>
      <tr v-for="f in shown" :key="f.label + f.before">
        <td>{{ f.label }}</td>
        <td class="num">{{ f.before }}</td>
        <td class="num">
          <b>{{ f.after }}</b>
        </td>
        <td class="num quiet">{{ f.spread }}</td>
      </tr>
    </tbody>
  </table>
  <p v-else class="quiet">Not foretold: the model of this drum is not there, or not to be believed.</p>
</template>

<style scoped>
.foretold {
  margin: 10px 0;
}
@media (max-width: 640px) {
  .foretold {
    display: block;
    overflow-x: auto;
  }
  .foretold .num {
    white-space: normal;
  }
}
.foretold td,
.foretold th {
  padding: 3px 8px 3px 0;
}
</style>
