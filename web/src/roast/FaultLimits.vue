<script setup lang="ts">
import { answer, api, type Schemas } from '@/shared/api/client'
import LimitsDialog from '@/shared/components/LimitsDialog.vue'

/** From where on a rate of rise is called faulty: the desk warns by it, and every log is judged by it. */
type Limits = Schemas['KeptFaultLimits']
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ saved: [] }>()

const FIELDS: [keyof Limits, string, string][] = [
  ['crashFallShare', 'A crash falls by more than, share of its value', ''],
  ['crashWithinS', 'A crash falls within', 's'],
  ['crashDepthCPerMin', 'A crash lies below its trend by', 'rate'],
  ['flickRiseCPerMin', 'A flick rises above its low by', 'rate'],
  ['flickHoldS', 'A flick lasts', 's'],
  ['stallChangeCPerMin', 'A stall changes by less than', 'rate'],
  ['stallHoldS', 'A stall lasts', 's'],
  ['stallBelowCPerMin', 'while it lies below', 'rate'],
  ['stalledCPerMin', 'or lies below', 'rate'],
  ['stalledHoldS', 'for', 's'],
  ['surgeSpreads', 'A surge lies above the usual peak by', 'spreads'],
]
</script>

<template>
  <LimitsDialog
    v-model="open"
    note="The desk warns by them from the next batch on; every log is judged anew."
    :fields="FIELDS"
    :load="() => answer(api.GET('/api/fault-limits'))"
    :facts="() => answer(api.GET('/api/fault-limits/facts'))"
    :keep="(body: Limits) => answer(api.PUT('/api/fault-limits', { body }))"
    @saved="emit('saved')"
  />
</template>
