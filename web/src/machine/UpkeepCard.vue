<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { useSend } from '@/shared/api/useSend'
import { day } from '@/shared/format/text'
import { useDraft } from '@/shared/kept/useDraft'

/** What was done to a roaster: a drift of its batches is held against it. */
const props = defineProps<{ machineId: number }>()
const path = { machineId: props.machineId }
const done = useLoad(() => answer(api.GET('/api/machines/{machineId}/upkeep', { params: { path } })))
const KINDS = [
  { value: 'bean-probe', title: 'Bean probe changed or moved' },
  { value: 'environment-probe', title: 'Environment probe changed or moved' },
  { value: 'burner', title: 'Burner or heater serviced' },
  { value: 'air', title: 'Fan, ducts, chaff collector cleaned' },
  { value: 'drum', title: 'Drum or its drive serviced' },
  { value: 'other', title: 'Something else' },
]
const form = ref<Schemas['UpkeepEntry']>({})
const draft = useDraft(`upkeep.${props.machineId}`, form)
const open = ref(draft.found.value)
const { sending, problem, said, send } = useSend()

async function add() {
  const { taken } = await send(() =>
    api.POST('/api/machines/{machineId}/upkeep', {
      params: { path },
      body: { ...form.value, on: form.value.on || undefined },
    }),
  )
  if (taken) {
    form.value = {}
    open.value = false
    await done.reload()
  }
}

async function remove(id: number) {
  await send(() => api.DELETE('/api/machines/{machineId}/upkeep/{id}', { params: { path: { ...path, id } } }))
  await done.reload()
}
</script>

<template>
  <section class="card">
    <div class="head">
      <h2>Done to it</h2>
      <v-btn variant="text" @click="open = !open">Enter what was done</v-btn>
    </div>
    <form v-if="open" class="fields" novalidate @submit.prevent="add">
      <v-select
        v-model="form.what"
        :items="KINDS"
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
    <p v-if="done.data.value?.length === 0" class="quiet">
      Nothing yet. A probe that was changed, a burner that was serviced: where batches drift afterwards, the
      profile says so.
    </p>
    <ul v-else>
      <li v-for="u in done.data.value" :key="u.id">
        {{ day(u.on) }}: {{ u.text }}<template v-if="u.note">, {{ u.note }}</template>
        <span class="quiet"> · {{ u.by }}</span>
        <v-btn
          size="small"
          variant="text"
          :aria-label="`Take back: ${u.text}, ${day(u.on)}`"
          @click="remove(u.id)"
          >×</v-btn
        >
      </li>
    </ul>
    <p v-if="open" class="caution">
      Work on burner, gas, electricity and ventilation is for licensed people, on a cold roaster that cannot
      be switched on.
    </p>
  </section>
</template>

<style scoped>
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 10px;
  align-items: start;
  margin: 8px 0;
}
ul {
  list-style: none;
  padding: 0;
  margin: 6px 0 0;
}
</style>
