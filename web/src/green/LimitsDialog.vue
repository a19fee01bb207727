<script setup lang="ts">
import { answer, api, type Schemas } from '@/shared/api/client'
import LimitsDialog from '@/shared/components/LimitsDialog.vue'

/** The lab's limits for green coffee. */
type Limits = Schemas['KeptGreenLimits']
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ saved: [] }>()

const FIELDS: [keyof Limits, string, string][] = [
  ['moistureMinPct', 'Moisture wanted, at least', '%'],
  ['moistureMaxPct', 'Moisture wanted, at most', '%'],
  ['moistureWorkableMinPct', 'Moisture still workable', '%'],
  ['waterActivityMin', 'Water activity, at least', ''],
  ['waterActivityMax', 'Water activity, comfortable to', ''],
  ['waterActivityLimit', 'Water activity, limit', ''],
  ['denseGPerL', 'Dense from', 'g/L'],
  ['softGPerL', 'Soft below', 'g/L'],
  ['belowScreenPct', 'Below the contracted screen, at most', '%'],
  ['maxAgeMonths', 'Use within', 'months'],
]
</script>

<template>
  <LimitsDialog
    v-model="open"
    :fields="FIELDS"
    :load="() => answer(api.GET('/api/green-limits'))"
    :facts="() => answer(api.GET('/api/green-limits/facts'))"
    :keep="(body: Limits) => answer(api.PUT('/api/green-limits', { body }))"
    @saved="emit('saved')"
  />
</template>
