<script setup lang="ts">
import { ref, watch } from 'vue'
import { answer, api, problemAt, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import NumberField from '@/shared/components/NumberField.vue'
import PageState from '@/shared/components/PageState.vue'
import LotStoreFacts from './LotStoreFacts.vue'

/** A lot while it lies in the store: what is left, how it keeps, which bags a sample is drawn from. */
const props = defineProps<{ lotId: number }>()
const store = useLoad(
  () => answer(api.GET('/api/lots/{id}/store', { params: { path: { id: props.lotId } } })),
  () => props.lotId,
)
const open = ref<'details' | 'check' | 'draw'>()
const details = ref<Schemas['StoreEntry']>({})
const check = ref<Schemas['CheckEntry']>({})
const draw = ref<Schemas['DrawEntry']>({})
const failure = ref<Failure>()
const sending = ref(false)
const problem = (field: string) => problemAt(failure.value, field)
watch(store.data, (s) => {
  if (s && open.value !== 'details') {
    details.value = { ...s.details }
  }
})
function toggle(what: typeof open.value) {
  failure.value = undefined
  open.value = open.value === what ? undefined : what
}

const params = () => ({ path: { id: props.lotId } })
async function send(what: () => Promise<{ failure?: Failure }>) {
  if (sending.value) {
    return
  }
  sending.value = true
  const result = await what()
  sending.value = false
  failure.value = result.failure
  if (!result.failure) {
    open.value = undefined
    check.value = {}
    await store.reload()
  }
}
const keep = () =>
  send(() =>
    answer(
      api.PUT('/api/lots/{id}/store', {
        params: params(),
        body: { ...details.value, version: store.data.value?.version },
      }),
    ),
  )
const measure = () =>
  send(() =>
    answer(
      api.POST('/api/lots/{id}/store/checks', {
        params: params(),
        body: { ...check.value, on: check.value.on || undefined },
      }),
    ),
  )
const drawBags = () =>
  send(() => answer(api.POST('/api/lots/{id}/store/draws', { params: params(), body: draw.value })))
</script>

<template>
  <section class="card store">
    <div class="head">
      <h2 class="label">In the store</h2>
      <span class="spacer" />
      <v-btn variant="text" @click="toggle('details')">Farm, bags, price, sold</v-btn>
      <v-btn variant="text" @click="toggle('draw')">Draw bags</v-btn>
      <v-btn variant="outlined" @click="toggle('check')">Measured again</v-btn>
    </div>
    <PageState
      :loading="store.loading.value"
      :failure="store.failure.value"
      :there="!!store.data.value"
      @retry="store.reload"
    >
      <template v-if="store.data.value">
        <LotStoreFacts :store="store.data.value" />
        <form v-if="open === 'details'" class="fields" @submit.prevent="keep">
          <v-text-field v-model="details.farm" label="Farm" />
          <v-text-field v-model="details.variety" label="Variety" />
          <v-text-field v-model="details.processDetail" label="Process, in detail" />
          <NumberField v-model="details.bags" label="Bags" whole :problem="problem('bags')" />
          <NumberField v-model="details.price" label="Price for a kilo" :problem="problem('price')" />
          <v-text-field v-model="details.currency" label="Currency" placeholder="EUR" />
          <NumberField v-model="details.soldKg" label="Sold green" unit="kg" :problem="problem('soldKg')" />
          <v-btn type="submit" color="primary" :loading="sending">Keep it</v-btn>
        </form>
        <form v-if="open === 'check'" class="fields" @submit.prevent="measure">
          <v-text-field
            v-model="check.on"
            type="date"
            label="On (today when empty)"
            :error-messages="problem('on')"
          />
          <NumberField
            v-model="check.moisturePct"
            label="Moisture"
            unit="%"
            :problem="problem('moisturePct')"
          />
          <NumberField
            v-model="check.waterActivity"
            label="Water activity"
            :problem="problem('waterActivity')"
          />
          <v-text-field
            v-model="check.smell"
            label="Smells"
            placeholder="fresh"
            :error-messages="problem('smell')"
          />
          <NumberField v-model="check.storageC" label="Store" unit="°C" :problem="problem('storageC')" />
          <NumberField
            v-model="check.storageRhPct"
            label="Humidity"
            unit="%"
            :problem="problem('storageRhPct')"
          />
          <v-btn type="submit" color="primary" :loading="sending">Keep it</v-btn>
        </form>
        <form v-if="open === 'draw'" class="fields" @submit.prevent="drawBags">
          <NumberField
            v-model="draw.bags"
            label="Of how many bags"
            whole
            :hint="store.data.value.details.bags ? `${store.data.value.details.bags} when empty` : ''"
            :problem="problem('bags')"
          />
          <NumberField
            v-model="draw.count"
            label="How many (as usual when empty)"
            whole
            :problem="problem('count')"
          />
          <v-btn type="submit" color="primary" :loading="sending">Draw them</v-btn>
        </form>
        <p v-if="failure && !failure.problems.length" class="ember" role="alert">{{ failure.message }}</p>
      </template>
    </PageState>
  </section>
</template>

<style scoped>
.store {
  margin: 14px 0;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.spacer {
  flex: 1;
}
.store p {
  margin: 3px 0;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 10px;
  align-items: start;
  margin-top: 10px;
}
</style>
