<script setup lang="ts">
import { ref } from 'vue'
import { api, type Schemas } from '@/shared/api/client'
import { useSend } from '@/shared/api/useSend'
import { choicesOf } from '@/shared/format/words'
import { useDraft } from '@/shared/kept/useDraft'

/** Something that was done to a roaster, to be entered. */
const props = defineProps<{ machineId: number }>()
const emit = defineEmits<{ kept: [] }>()
const form = ref<Schemas['UpkeepEntry']>({})
const draft = useDraft(`upkeep.${props.machineId}`, form)
const { sending, problem, said, send } = useSend()

async function add() {
  const { taken } = await send(() =>
    api.POST('/api/machines/{machineId}/upkeep', {
      params: { path: { machineId: props.machineId } },
      body: { ...form.value, on: form.value.on || undefined },
    }),
  )
  if (taken) {
    draft.done()
    emit('kept')
  }
}
</script>

<template>
  <form class="fields" novalidate @submit.prevent="add">
    <v-select
      v-model="form.what"
      :items="choicesOf('Upkeep')"
      label="What was done"
      :error-messages="problem('what') ?? []"
      hide-details="auto"
    />
    <v-text-field
      v-model="form.on"
      type="date"
      label="On (today when empty)"
      :error-messages="problem('on') ?? []"
      hide-details="auto"
    />
    <v-text-field
      v-model="form.note"
      label="Note"
      :error-messages="problem('note') ?? []"
      hide-details="auto"
    />
    <v-btn type="submit" color="primary" :loading="sending">Keep it</v-btn>
  </form>
  <p v-if="said()" class="ember" role="alert">{{ said() }}</p>
  <p class="caution">
    Work on burner, gas, electricity and ventilation is for licensed people, on a cold roaster that cannot be
    switched on.
  </p>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 10px;
  align-items: start;
  margin: 8px 0;
}
</style>
