<script setup lang="ts">
import { computed, reactive, ref, shallowRef } from 'vue'
import { answer, api, problemAt, type Failure, type Schemas } from '@/shared/api/client'
import MachineSelect from '@/machine/MachineSelect.vue'
import NumberField from '@/shared/components/NumberField.vue'
import { moment, plural } from '@/shared/format/text'

/** From kilos wanted to batches, green coffee and the finishing time. */
const machineId = ref<number>()
const wanted = reactive<{ roastedKg?: number; batchG?: number; lossPct?: number; minutes?: number }>({
  lossPct: 14,
  minutes: 10,
})
const startsAt = ref('')
const failure = shallowRef<Failure>()
const result = shallowRef<Schemas['BatchesView']>()
const hours = computed(() => {
  const s = result.value?.durationS ?? 0
  return `${Math.floor(s / 3600)} h ${Math.round((s % 3600) / 60)} min`
})

async function work() {
  const asked = await answer(
    api.POST('/api/batches', {
      body: {
        machineId: machineId.value!,
        roastedKg: wanted.roastedKg ?? Number.NaN,
        batchG: wanted.batchG ?? Number.NaN,
        lossPct: wanted.lossPct ?? Number.NaN,
        roastS: (wanted.minutes ?? Number.NaN) * 60,
        startsAt: startsAt.value || undefined,
      },
    }),
  )
  failure.value = asked.failure
  result.value = asked.data
}
</script>

<template>
  <form class="card group" novalidate aria-labelledby="batches-title" @submit.prevent="work">
    <h2 id="batches-title">How many batches?</h2>
    <MachineSelect v-model="machineId" />
    <div class="pair">
      <NumberField
        v-model="wanted.roastedKg"
        label="Roasted wanted"
        unit="kg"
        :problem="problemAt(failure, 'roastedKg')"
      />
      <NumberField
        v-model="wanted.batchG"
        label="Batch, green"
        unit="g"
        :problem="problemAt(failure, 'batchG')"
      />
      <NumberField
        v-model="wanted.lossPct"
        label="Weight loss"
        unit="%"
        :problem="problemAt(failure, 'lossPct')"
      />
      <NumberField
        v-model="wanted.minutes"
        label="A roast takes"
        unit="min"
        :problem="problemAt(failure, 'roastS')"
      />
    </div>
    <v-text-field v-model="startsAt" type="datetime-local" label="First charge" hide-details />
    <v-btn type="submit" variant="outlined" :disabled="!machineId">Work it out</v-btn>
    <p v-if="failure && !failure.problems.length" class="ember" role="alert">{{ failure.message }}</p>
    <p v-if="result" role="status">
      <b>{{ plural(result.batches, 'batch', 'batches') }}</b> from {{ result.greenKg.toFixed(2) }} kg of green
      give {{ result.roastedKg.toFixed(2) }} kg in {{ hours
      }}<template v-if="result.finishesAt">, done {{ moment(result.finishesAt) }}</template
      >.
    </p>
  </form>
</template>

<style scoped>
.group {
  display: grid;
  gap: 12px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
</style>
