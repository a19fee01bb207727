<script setup lang="ts">
import { ref, watch } from 'vue'
import { answer, api, problemAt, type Failure } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'

/** Chooses the roaster, and makes one where it is missing. */
const machineId = defineModel<number | undefined>()
const machines = useLoad(() => answer(api.GET('/api/machines')))
const adding = ref(false)
const name = ref('')
const failure = ref<Failure>()

watch(machines.data, (list) => {
  machineId.value ??= list?.[0]?.id
  adding.value = list?.length === 0
})

async function add() {
  const result = await answer(api.POST('/api/machines', { body: { name: name.value } }))
  failure.value = result.failure
  if (result.data) {
    adding.value = false
    name.value = ''
    await machines.reload()
    machineId.value = result.data.id
  }
}
</script>

<template>
  <div class="machine">
    <v-select
      v-if="!adding"
      v-model="machineId"
      label="Roaster"
      :items="machines.data.value ?? []"
      item-title="name"
      item-value="id"
    />
    <v-text-field
      v-else
      v-model="name"
      label="Name of the roaster"
      :error-messages="problemAt(failure, 'name') ?? failure?.message ?? []"
      @keydown.enter.prevent="add"
    />
    <v-btn v-if="!adding" variant="outlined" @click="adding = true">Another roaster</v-btn>
    <v-btn v-else variant="outlined" @click="add">Add</v-btn>
  </div>
</template>

<style scoped>
.machine {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 10px;
  align-items: start;
}
</style>
