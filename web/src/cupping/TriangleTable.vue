<script setup lang="ts">
import { computed, ref } from 'vue'
import { plural } from '@/shared/format/text'
import BlindTable from './BlindTable.vue'
import DifferenceCard from './DifferenceCard.vue'
import SetCard from './SetCard.vue'
import { useBlindTable } from './useBlindTable'

/** A triangle: can anybody tell these two apart? */
const props = defineProps<{ id: number }>()
const at = useBlindTable(props.id)
const { table, me, told, names } = at
const sets = computed(() => table.data.value?.sets ?? [])
const answered = computed(() => sets.value.filter((s) => s.answered).length)
/** Whether it can be said who was right: not of cups that nobody has turned over yet. */
const countable = computed(() => told.value || (done.value && !table.data.value?.unmatched))
/** Counted on this screen; what was counted stays fixed. */
const counted = ref(false)
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
        <p>Every set is answered. Counting fixes the answers: nobody can change theirs afterwards.</p>
        <v-btn color="primary" size="large" @click="counted = true">Count the answers</v-btn>
      </section>
      <DifferenceCard
        v-else-if="answered > 0 && countable"
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
