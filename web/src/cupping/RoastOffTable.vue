<script setup lang="ts">
import { computed } from 'vue'
import PageState from '@/shared/components/PageState.vue'
import { moment, plural } from '@/shared/format/text'
import OrderCard from './OrderCard.vue'
import PreferenceCard from './PreferenceCard.vue'
import RevealCard from './RevealCard.vue'
import TakeSeat from './TakeSeat.vue'
import { useBlindTable } from './useBlindTable'

/** A roast-off: everybody puts the samples in order, the best first. */
const props = defineProps<{ id: number }>()
const { table, roasts, cupper, seated, me, told, over, names } = useBlindTable(props.id)
const codes = computed(() => (table.data.value?.samples ?? []).map((s) => s.code))

/** The next person at this device. */
function nextPerson() {
  cupper.value = ''
  seated.value = false
}
</script>

<template>
  <PageState
    :loading="table.loading.value"
    :failure="table.failure.value ?? roasts.failure.value"
    :there="!!table.data.value && !!roasts.data.value"
    @retry="(table.reload(), roasts.reload())"
  >
    <template v-if="table.data.value">
      <div class="page-head">
        <h1>Roast-off</h1>
        <span class="quiet">
          {{ moment(table.data.value.cuppedAt) }} · {{ plural(codes.length, 'sample') }} ·
          {{ plural(table.data.value.ranked.length, 'order') }} kept<template v-if="over">
            · revealed</template
          ><template v-else-if="seated"> · {{ cupper }}</template>
        </span>
      </div>
      <TakeSeat
        v-if="!over && !seated"
        v-model="cupper"
        question="Who ranks them?"
        action="Sit down"
        @seated="seated = true"
      />
      <OrderCard
        v-if="seated && !over"
        :id="id"
        :codes="codes"
        :cupper="me"
        :names="told ? names : undefined"
        @kept="table.reload()"
      >
        <v-btn variant="outlined" @click="nextPerson">Next person</v-btn>
      </OrderCard>
      <PreferenceCard
        v-if="told && table.data.value.ranked.length"
        :id="id"
        :key="`${table.data.value.ranked.length} ${told}`"
        :names="names"
        :reason="table.data.value.revealReason"
      />
      <RevealCard v-if="!told" :table="table.data.value" :tasting="seated" @changed="table.reload()" />
    </template>
  </PageState>
</template>
