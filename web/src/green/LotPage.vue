<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import RoastTable from '@/roast/RoastTable.vue'
import { capital, day, plural } from '@/shared/format/text'
import CorrectLot from './CorrectLot.vue'
import LotForm from './LotForm.vue'
import LotStore from './LotStore.vue'
import SamplesPanel from './SamplesPanel.vue'

const id = Number(useRoute().params.id)
const lot = useLoad(() => answer(api.GET('/api/lots/{id}', { params: { path: { id } } })))
const roasts = useLoad(() => answer(api.GET('/api/lots/{lotId}/roasts', { params: { path: { lotId: id } } })))
const changing = ref(false)

/** A lot with an imported history has hundreds: the newest are shown, and all of them when they are asked for. */
const SHOWN = 50
const all = ref(false)
const shown = computed(() => {
  const list = roasts.data.value ?? []
  return all.value ? list : list.slice(-SHOWN)
})
const older = computed(() => (roasts.data.value?.length ?? 0) - shown.value.length)

// what a sample says goes before what was entered with the lot
const known = computed(() => lot.data.value?.newest ?? lot.data.value)
const whose = computed(() => {
  const n = lot.data.value?.newest
  return n ? `${n.stage} sample of ${day(n.receivedOn)}` : 'as entered with the lot'
})
const figure = (n: number | undefined, unit: string) =>
  n === undefined ? 'not measured' : `${Number(n.toFixed(1))} ${unit}`
const facts = computed(() => {
  const l = lot.data.value
  return l
    ? [
        ['weight', `${l.kg} kg`],
        ['moisture', figure(known.value?.moisturePct, '%')],
        ['density', figure(known.value?.densityGPerL, 'g/L')],
        ['screen', known.value?.screen ?? 'not measured'],
      ]
    : []
})
</script>

<template>
  <PageState
    :loading="lot.loading.value"
    :failure="lot.failure.value"
    :there="!!lot.data.value"
    @retry="lot.reload"
  >
    <template v-if="lot.data.value">
      <div class="page-head">
        <h1>{{ lot.data.value.name }}</h1>
        <span class="quiet">
          {{ lot.data.value.process }} · {{ lot.data.value.origin }} · {{ lot.data.value.supplier }} · arrived
          {{ day(lot.data.value.arrivalDate) }}
        </span>
        <span class="spacer" />
        <v-btn v-if="(roasts.data.value?.length ?? 0) > 1" variant="outlined" :to="`/trace/lot/${id}`"
          >What its cups share</v-btn
        >
        <v-btn variant="outlined" :to="`/decision/${id}`">Decide</v-btn>
        <v-btn variant="outlined" @click="changing = !changing">Change</v-btn>
        <v-btn color="primary" :to="`/roast/import?lot=${id}`">Import a roast log</v-btn>
      </div>
      <LotForm
        v-if="changing"
        :lot="lot.data.value"
        @saved="((changing = false), lot.reload())"
        @cancel="changing = false"
      />
      <p v-if="lot.data.value.supplierNotes" class="says">
        <span class="quiet">The supplier says:</span> {{ lot.data.value.supplierNotes }}
      </p>
      <p v-if="lot.data.value.reworkedOn" class="says">
        {{ capital(lot.data.value.rework ?? 'reworked') }} on {{ day(lot.data.value.reworkedOn) }}: cups of
        roasts before that day are told apart.
      </p>
      <dl class="card facts">
        <div v-for="[name, value] in facts" :key="name">
          <dt class="label">{{ name }}</dt>
          <dd>{{ value }}</dd>
        </div>
      </dl>
      <p class="quiet whose">Moisture, density and screen: {{ whose }}.</p>
      <LotStore :lot-id="id" />
      <SamplesPanel :lot-id="id" />
      <h2 class="mt-6 mb-2">{{ plural(roasts.data.value?.length ?? 0, 'roast') }}</h2>
      <PageState
        :loading="roasts.loading.value"
        :failure="roasts.failure.value"
        :there="!!roasts.data.value"
        :empty="roasts.data.value?.length === 0"
        @retry="roasts.reload"
      >
        <template #empty>
          <p>No sample of this lot has been roasted yet. Roast one, then import its log.</p>
        </template>
        <v-btn v-if="older" variant="outlined" class="mb-3" @click="all = true"
          >Show {{ plural(older, 'older roast') }} too</v-btn
        >
        <RoastTable :roasts="shown" :lot="false" />
      </PageState>
      <CorrectLot :key="lot.data.value.reworkedOn" :lot="lot.data.value" @changed="lot.reload" />
    </template>
  </PageState>
</template>

<style scoped>
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 48px;
}
.whose {
  margin: 6px 0 0;
}
.facts dd {
  font-size: 1.25rem;
}
</style>
