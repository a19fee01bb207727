<script setup lang="ts">
import PageState from '@/shared/components/PageState.vue'
import { moment } from '@/shared/format/text'
import { useWho } from '@/shared/who'
import RevealCard from './RevealCard.vue'
import TableNote from './TableNote.vue'
import TakeSeat from './TakeSeat.vue'
import type { useBlindTable } from './useBlindTable'

/** What every table has where a choice is made: its head, who sits down, the choice, what came of it, the reveal. */
const props = defineProps<{
  title: string
  /** How far it is. */
  says: string
  question: string
  /** Whether there is nothing left to choose. */
  done?: boolean
  at: ReturnType<typeof useBlindTable>
}>()
const who = useWho()
const { table, roasts, cupper, seated, told, over } = props.at
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
        <h1>{{ title }}</h1>
        <span class="quiet">
          {{ moment(table.data.value.cuppedAt) }} · {{ says }}<template v-if="over"> · revealed</template
          ><template v-else-if="seated"> · {{ cupper }}</template>
        </span>
        <span class="spacer" />
        <v-btn v-if="!over && who.prepares" variant="outlined" :to="`/cupping/${table.data.value.id}/prepare`"
          >Prepare</v-btn
        >
      </div>
      <TakeSeat
        v-if="!over && !seated && !done"
        v-model="cupper"
        :question="question"
        action="Sit down"
        @seated="seated = true"
      />
      <slot v-if="seated && !over" name="choice" />
      <slot name="result" />
      <TableNote :id="table.data.value.id" :note="table.data.value.note" @kept="table.reload()" />
      <RevealCard v-if="!told" :table="table.data.value" :tasting="seated" @changed="table.reload()" />
    </template>
  </PageState>
</template>
