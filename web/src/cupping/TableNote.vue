<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Failure } from '@/shared/api/client'
import { useDraft } from '@/shared/kept/useDraft'
import { useWho } from '@/shared/who'

/** Whatever is to be said of the whole table. */
const props = defineProps<{ id: number; note?: string }>()
const emit = defineEmits<{ kept: [] }>()
const who = useWho()
/** What was typed, and the note it was typed over; nothing while nobody types. */
const typed = ref<{ text?: string; before?: string }>({})
useDraft(`table-note.${props.id}`, typed)
const failure = ref<Failure>()
const sending = ref(false)
const text = computed({
  get: () => typed.value.text ?? props.note ?? '',
  set: (now) => (typed.value = { text: now, before: typed.value.before ?? props.note ?? '' }),
})
const changed = computed(
  () => typed.value.text !== undefined && typed.value.text.trim() !== (props.note ?? ''),
)

async function keep(before = typed.value.before) {
  if (sending.value || !changed.value) {
    return
  }
  sending.value = true
  const result = await answer(
    api.PUT('/api/cuppings/{id}/note', {
      params: { path: { id: props.id } },
      body: { note: text.value, before },
    }),
  )
  sending.value = false
  failure.value = result.failure
  if (result.data) {
    typed.value = {}
    emit('kept')
  }
}
</script>

<template>
  <section v-if="who.leads || note" class="card note" aria-label="Note">
    <template v-if="who.leads">
      <v-textarea
        v-model="text"
        label="A note on the whole table"
        rows="1"
        auto-grow
        maxlength="2000"
        hide-details
        @blur="keep()"
      />
      <div v-if="failure" role="alert">
        <p class="ember">{{ failure.problems[0]?.message ?? failure.message }}</p>
        <template v-if="failure.status === 409">
          <p>There stands now: {{ failure.details.note }}</p>
          <v-btn variant="outlined" @click="keep(String(failure.details.note))">Mine instead</v-btn>
          <v-btn variant="text" @click="((typed = {}), (failure = undefined), emit('kept'))">Leave it</v-btn>
        </template>
      </div>
      <v-btn v-if="changed && !failure" variant="outlined" :loading="sending" @click="keep()"
        >Keep the note</v-btn
      >
    </template>
    <p v-else>{{ note }}</p>
  </section>
</template>

<style scoped>
.note {
  display: grid;
  gap: 10px;
  margin-top: 16px;
}
.note .v-btn {
  justify-self: start;
}
</style>
