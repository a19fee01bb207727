<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, problemAt, type Failure } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import NumberField from '@/shared/components/NumberField.vue'
import PageState from '@/shared/components/PageState.vue'
import { useGoOn } from '@/shared/useGoOn'

/** The roasters of the lab. */
const goOn = useGoOn()
const machines = useLoad(() => answer(api.GET('/api/machines')))
const adding = ref(false)
const name = ref('')
const capacity = ref<number>()
const failure = ref<Failure>()

async function add() {
  const result = await answer(
    api.POST('/api/machines', { body: { name: name.value, drumCapacityG: capacity.value } }),
  )
  failure.value = result.failure
  if (result.data) {
    await goOn(`/machines/${result.data.id}`)
  }
}
</script>

<template>
  <div class="page-head">
    <h1>Roasters</h1>
    <span class="quiet">each with its own references, because a profile is adapted, not copied</span>
    <span class="spacer" />
    <v-btn variant="outlined" to="/instruments">Instruments</v-btn>
    <v-btn v-if="!adding" color="primary" @click="adding = true">Add a roaster</v-btn>
  </div>
  <form v-if="adding" class="card add" novalidate @submit.prevent="add">
    <v-text-field v-model="name" label="Name" :error-messages="problemAt(failure, 'name') ?? []" />
    <NumberField
      v-model="capacity"
      label="Drum holds"
      unit="g"
      :problem="problemAt(failure, 'drumCapacityG')"
    />
    <v-btn type="submit" color="primary">Add</v-btn>
    <v-btn variant="text" @click="adding = false">Leave it</v-btn>
  </form>
  <PageState
    :loading="machines.loading.value"
    :failure="machines.failure.value"
    :there="!!machines.data.value"
    :empty="machines.data.value?.length === 0"
    @retry="machines.reload"
  >
    <template #empty><p>No roaster yet. Add one, or import a log: that makes the first one.</p></template>
    <div class="card table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>Roaster</th>
            <th class="num">Drum</th>
            <th class="num">Batches</th>
            <th>Heat</th>
            <th class="num">Turnaround</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="m in machines.data.value" :key="m.id">
            <td>
              <router-link :to="`/machines/${m.id}`">{{ m.name }}</router-link>
            </td>
            <td class="num">{{ m.drumCapacityG === undefined ? '–' : `${m.drumCapacityG} g` }}</td>
            <td class="num">{{ m.settings.batchMinG }}–{{ m.settings.batchMaxG }} g</td>
            <td>{{ m.settings.heatSource }}</td>
            <td class="num">{{ m.settings.turnaroundS }} s</td>
          </tr>
        </tbody>
      </table>
    </div>
  </PageState>
</template>

<style scoped>
.add {
  display: grid;
  grid-template-columns: 2fr 1fr auto auto;
  gap: 12px;
  align-items: start;
  margin-bottom: 16px;
}
@media (max-width: 700px) {
  .add {
    grid-template-columns: 1fr;
  }
}
</style>
