<script setup lang="ts">
import { computed } from 'vue'
import PageState from '@/shared/components/PageState.vue'
import { moment, plural } from '@/shared/format/text'
import DifferenceCard from './DifferenceCard.vue'
import RevealCard from './RevealCard.vue'
import SetCard from './SetCard.vue'
import TakeSeat from './TakeSeat.vue'
import { useBlindTable } from './useBlindTable'

/** A triangle: can anybody tell these two apart? */
const props = defineProps<{ id: number }>()
const { table, roasts, cupper, seated, me, told, over, names } = useBlindTable(props.id)
const sets = computed(() => table.data.value?.sets ?? [])
const answered = computed(() => sets.value.filter((s) => s.answered).length)
</script>

<template>
  <PageState
    :loading="table.loading.value"
    :failure="table.failure.value ?? roasts.failure.value"
    :there="!!table.data.value && !!roasts.data.value"
    @retry="(table.reload(), roasts.reload())"
  >
    <template v-if="table.data.value">
      <div class="page-head">
        <h1>Triangle</h1>
        <span class="quiet">
          {{ moment(table.data.value.cuppedAt) }} · {{ answered }} of
          {{ plural(sets.length, 'set') }} answered<template v-if="over"> · revealed</template
          ><template v-else-if="seated"> · {{ cupper }}</template>
        </span>
      </div>
      <TakeSeat
        v-if="!over && !seated && answered < sets.length"
        v-model="cupper"
        question="Who tastes here?"
        action="Sit down"
        @seated="seated = true"
      />
      <SetCard v-if="seated && !over" :id="id" :sets="sets" :cupper="me" @changed="table.reload()" />
      <DifferenceCard
        v-if="answered > 0 && (told || answered === sets.length)"
        :id="id"
        :key="`${answered} ${told}`"
        :sets="sets"
        :names="names"
        :told="told"
        :reason="table.data.value.revealReason"
      />
      <RevealCard v-if="!told" :table="table.data.value" :tasting="seated" @changed="table.reload()" />
    </template>
  </PageState>
</template>
