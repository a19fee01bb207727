<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Failure } from '@/shared/api/client'
import { plural } from '@/shared/format/text'
import { useWho } from '@/shared/who'
import BlindTable from './BlindTable.vue'
import DifferenceCard from './DifferenceCard.vue'
import SetCard from './SetCard.vue'
import { useBlindTable } from './useBlindTable'

/** A triangle: can anybody tell these two apart? */
const props = defineProps<{ id: number }>()
const at = useBlindTable(props.id)
const { table, me, told, names } = at
const who = useWho()
const sets = computed(() => table.data.value?.sets ?? [])
const answered = computed(() => sets.value.filter((s) => s.answered).length)
/** Whether it can be said who was right: not of cups that nobody has turned over yet. */
const countable = computed(() => told.value || (done.value && !table.data.value?.unmatched))
/** What was counted stays fixed: on every screen, and over a reload. */
const counted = computed(() => table.data.value?.counted ?? false)
const failure = ref<Failure>()
async function count() {
  const sent = await answer(api.POST('/api/cuppings/{id}/difference', { params: { path: { id: props.id } } }))
  failure.value = sent.failure
  await table.reload()
}
const done = computed(() => answered.value === sets.value.length)
</script>

<template>
  <BlindTable
    title="Triangle"
    :says="`${answered} of ${plural(sets.length, 'set')} answered`"
    question="Who tastes here?"
    :done="done"
    :at="at"
  >
    <template #choice>
      <SetCard :id="id" :sets="sets" :cupper="me" @changed="table.reload()" />
    </template>
    <template #result>
      <section v-if="countable && !told && !counted" class="card count">
        <p v-if="who.prepares">
          Every set is answered. Counting fixes the answers: nobody can change theirs afterwards.
        </p>
        <p v-else>Every set is answered. Whoever runs the table counts them.</p>
        <v-btn v-if="who.prepares" color="primary" size="large" @click="count">Count the answers</v-btn>
        <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
      </section>
      <DifferenceCard
        v-else-if="answered > 0 && countable && (told || who.prepares)"
        :id="id"
        :key="`${answered} ${told}`"
        :sets="sets"
        :names="names"
        :told="told"
        :reason="table.data.value?.revealReason"
      />
    </template>
  </BlindTable>
</template>

<style scoped>
.count {
  display: grid;
  justify-items: start;
  gap: 12px;
  margin-top: 16px;
}
</style>
