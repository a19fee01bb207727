<script setup lang="ts">
import { ref, shallowRef, watch } from 'vue'
import { answer, api, problemAt, type Failure, type Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'

/** The lab's limits for green coffee. */
type Limits = Schemas['GreenLimits']
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ saved: [] }>()
const limits = ref<Partial<Limits>>()
const failure = shallowRef<Failure>()

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

watch(open, async (now) => {
  if (now) {
    const result = await answer(api.GET('/api/green-limits'))
    failure.value = result.failure
    limits.value = result.data && { ...result.data }
  }
})

async function save() {
  const result = await answer(api.PUT('/api/green-limits', { body: limits.value as Limits }))
  failure.value = result.failure
  if (result.data) {
    open.value = false
    emit('saved')
  }
}
</script>

<template>
  <v-dialog v-model="open" max-width="620">
    <form class="card limits" novalidate @submit.prevent="save">
      <h2>Limits of this lab</h2>
      <p class="quiet">The figures it begins with are common contract ranges and house defaults.</p>
      <div v-if="limits" class="fields">
        <NumberField
          v-for="[field, label, unit] in FIELDS"
          :key="field"
          v-model="limits[field]"
          :label="label"
          :unit="unit"
          :problem="problemAt(failure, field)"
        />
      </div>
      <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
      <div class="actions">
        <v-btn type="submit" color="primary" :disabled="!limits">Keep the limits</v-btn>
        <v-btn variant="text" @click="open = false">Leave them</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.limits {
  display: grid;
  gap: 12px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: 8px 14px;
}
.actions {
  display: flex;
  gap: 10px;
}
</style>
