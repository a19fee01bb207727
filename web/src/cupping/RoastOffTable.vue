<script setup lang="ts">
import { computed } from 'vue'
import { plural } from '@/shared/format/text'
import BlindTable from './BlindTable.vue'
import GuessCard from './GuessCard.vue'
import OrderCard from './OrderCard.vue'
import PreferenceCard from './PreferenceCard.vue'
import { served as servedAs } from './laying'
import { useBlindTable } from './useBlindTable'

/** A roast-off: everybody puts the samples in order, the best first. */
const props = defineProps<{ id: number }>()
const at = useBlindTable(props.id)
const { table, cupper, seated, me, told, names } = at
const codes = computed(() => (table.data.value?.samples ?? []).map((s) => s.code))
const orders = computed(() => table.data.value?.ranked.length ?? 0)
const says = computed(() => {
  const served = servedAs(table.data.value?.protocol?.serving)
  const kept = plural(orders.value, table.data.value?.choice === 'best' ? 'vote' : 'order')
  return [plural(codes.value.length, 'sample'), served, `${kept} kept`].filter(Boolean).join(' · ')
})

/** The next person at this device. */
function nextPerson() {
  cupper.value = ''
  seated.value = false
}
</script>

<template>
  <BlindTable title="Roast-off" :says="says" question="Who ranks them?" :at="at">
    <template #choice>
      <GuessCard :id="id" :key="me" :cupper="me" />
      <OrderCard
        :id="id"
        :choice="table.data.value?.choice"
        :codes="codes"
        :cupper="me"
        :names="told ? names : undefined"
        @kept="table.reload()"
      >
        <v-btn variant="outlined" @click="nextPerson">Next person</v-btn>
      </OrderCard>
    </template>
    <template #result>
      <PreferenceCard
        v-if="told && orders"
        :id="id"
        :key="orders"
        :names="names"
        :reason="table.data.value?.revealReason"
      />
    </template>
  </BlindTable>
</template>
