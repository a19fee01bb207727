<script setup lang="ts">
import { answer, api, type Schemas } from '@/shared/api/client'
import LimitsDialog from '@/shared/components/LimitsDialog.vue'

/** What the lab asks of a roasted sample beside the cupping protocol. */
type Limits = Schemas['KeptBenchLimits']
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ saved: [] }>()

const FIELDS: [keyof Limits, string, string][] = [
  ['leastLossPct', 'Weight loss, at least', '%'],
  ['mostLossPct', 'Weight loss, at most', '%'],
  ['mostGap', 'Ground lighter than whole by, at most', ''],
  ['mostQuakers', 'Quakers, at most', 'in 100 g'],
  ['mostShells', 'Shells, at most', 'in 100 g'],
]
</script>

<template>
  <LimitsDialog
    v-model="open"
    note="They hold for every sample."
    :fields="FIELDS"
    :load="() => answer(api.GET('/api/bench/limits'))"
    :facts="() => answer(api.GET('/api/bench/limits/facts'))"
    :keep="(body: Limits) => answer(api.PUT('/api/bench/limits', { body }))"
    @saved="emit('saved')"
  >
    <template #default="{ limits }">
      <v-checkbox
        v-model="limits.protocol"
        label="Ask for the cupping protocol too: colour 58 whole and 63 ground ±1, 8–12 minutes, no scorching"
        hide-details
      />
    </template>
  </LimitsDialog>
</template>
