<script setup lang="ts">
import { usePreferences } from '@/shared/preferences'
import { figureText, spreadText, type Prediction } from './plan'

/** What the plan is expected to give, against what it aims at. */
defineProps<{ prediction: Prediction }>()
const preferences = usePreferences()
const NAMES: Record<string, string> = {
  turningPointS: 'turning point at',
  turningPointC: 'turning point reads',
  dryEndS: 'dry end at',
  firstCrackS: 'first crack at',
  totalS: 'drop at',
  dropC: 'drop reads',
  rorAtFirstCrackCPerMin: 'rise at first crack',
  rorPeakCPerMin: 'peak rise',
}
</script>

<template>
  <table class="plain figures">
    <thead>
      <tr>
        <th>figure</th>
        <th class="num">predicted</th>
        <th class="num">aim</th>
        <th><span class="d-sr-only">against the aim</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="f in prediction.figures" :key="f.field" :data-figure="f.field">
        <td>{{ NAMES[f.field] ?? f.label }}</td>
        <td class="num">
          <b>{{ figureText(f.value, f.unit, preferences) }}</b>
          <span v-if="f.plusMinus" class="quiet spread">{{
            spreadText(f.plusMinus, f.unit, preferences)
          }}</span>
        </td>
        <td class="num quiet">
          <template v-if="f.aim !== undefined">
            {{ figureText(f.aim, f.unit, preferences) }} {{ spreadText(f.tolerance, f.unit, preferences) }}
          </template>
        </td>
        <td>
          <span v-if="f.reached" class="reached">✓ in</span>
          <b v-else-if="f.reached === false" class="ember">✗ out</b>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.figures td {
  padding: 4px 10px;
}
.spread {
  margin-left: 6px;
}
.figures .num {
  white-space: nowrap;
}
.reached {
  color: var(--moss);
  font-weight: 600;
}
</style>
