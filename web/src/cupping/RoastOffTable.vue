<script setup lang="ts">
import { computed } from 'vue'
import { plural } from '@/shared/format/text'
import BlindTable from './BlindTable.vue'
import OrderCard from './OrderCard.vue'
import PreferenceCard from './PreferenceCard.vue'
import { useBlindTable } from './useBlindTable'

/** A roast-off: everybody puts the samples in order, the best first. */
const props = defineProps<{ id: number }>()
const at = useBlindTable(props.id)
const { table, cupper, seated, me, told, names } = at
const codes = computed(() => (table.data.value?.samples ?? []).map((s) => s.code))
const orders = computed(() => table.data.value?.ranked.length ?? 0)

/** The next person at this device. */
function nextPerson() {
  cupper.value = ''
  seated.value = false
}
</script>

<template>
  <BlindTable
    title="Roast-off"
    :says="`${plural(codes.length, 'sample')} · ${plural(orders, 'order')} kept`"
    question="Who ranks them?"
    :at="at"
  >
    <template #choice>
      <OrderCard
        :id="id"
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
