<script setup lang="ts">
import { ref } from 'vue'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { useSend } from '@/shared/api/useSend'
import { day } from '@/shared/format/text'
import { readDraft } from '@/shared/kept/draft'
import UpkeepForm from './UpkeepForm.vue'

/** What was done to a roaster: a drift of its batches is held against it. */
const props = defineProps<{ machineId: number }>()
const path = { machineId: props.machineId }
const done = useLoad(() => answer(api.GET('/api/machines/{machineId}/upkeep', { params: { path } })))
// what was half typed is shown to whoever comes back
const open = ref(!!readDraft(`upkeep.${props.machineId}`))
const { failure, send } = useSend()

async function kept() {
  open.value = false
  await done.reload()
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
    <UpkeepForm v-if="open" :machine-id="machineId" @kept="kept" />
    <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
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
  </section>
</template>

<style scoped>
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
ul {
  list-style: none;
  padding: 0;
  margin: 6px 0 0;
}
</style>
