<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { answer, api, problemAt, type Failure, type Schemas } from '@/shared/api/client'
import type { Content } from './plan'

/** Keeps the targets of a plan as a school: a new one, or in place of the one that it began with. */
const props = defineProps<{ content: Content; schools: Schemas['SchoolView'][] }>()
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ kept: [id: string] }>()
const name = ref('')
const note = ref('')
const failure = shallowRef<Failure>()
const current = computed(() => props.schools.find((s) => s.id === props.content.schoolId))
const replaces = computed(() => props.schools.find((s) => s.name === name.value.trim()))

watch(open, (now) => {
  if (now) {
    name.value = current.value?.name ?? ''
    note.value = current.value?.note ?? ''
    failure.value = undefined
  }
})
const idOf = (text: string) =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')

async function send(schools: Schemas['SchoolView'][]) {
  const result = await answer(api.PUT('/api/schools', { body: { schools } }))
  failure.value = result.failure
  return !result.failure
}
async function keep() {
  const school = {
    id: replaces.value?.id ?? idOf(name.value),
    name: name.value.trim(),
    note: note.value.trim(),
    developmentFrom: props.content.developmentFrom,
    targets: props.content.targets,
  }
  if (await send([...props.schools.filter((s) => s.id !== school.id), school])) {
    open.value = false
    emit('kept', school.id)
  }
}
async function remove() {
  const left = props.schools.filter((s) => s.id !== replaces.value?.id)
  if (await send(left)) {
    open.value = false
    emit('kept', left[0]!.id)
  }
}
</script>

<template>
  <v-dialog v-model="open" max-width="520">
    <form class="card school" novalidate @submit.prevent="keep">
      <h2>Keep these targets as a style</h2>
      <v-text-field v-model="name" label="Name" :error-messages="problemAt(failure, 'name') ?? []" />
      <v-text-field v-model="note" label="What it holds" :error-messages="problemAt(failure, 'note') ?? []" />
      <p class="quiet">
        {{ replaces ? 'The style of this name is changed; plans made from it stay.' : 'A new style.' }}
      </p>
      <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
      <div class="actions">
        <v-btn type="submit" color="primary">Keep the style</v-btn>
        <v-btn v-if="replaces && schools.length > 1" variant="text" @click="remove">Delete the style</v-btn>
        <v-btn variant="text" @click="open = false">Leave it</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.school {
  display: grid;
  gap: 12px;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
