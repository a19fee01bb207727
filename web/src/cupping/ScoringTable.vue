<script setup lang="ts">
import { computed, shallowRef } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { moment, plural } from '@/shared/format/text'
import ClockCard from './ClockCard.vue'
import PanelCard from './PanelCard.vue'
import RevealCard from './RevealCard.vue'
import SampleNav from './SampleNav.vue'
import SampleSheet from './SampleSheet.vue'
import SideBySide from './SideBySide.vue'
import TableNote from './TableNote.vue'
import TakeSeat from './TakeSeat.vue'
import TriageCard from './TriageCard.vue'
import WhoCups from './WhoCups.vue'
import { served } from './laying'
import { useTable } from './useTable'
import { useWho } from '@/shared/who'
import { labelOf } from '@/shared/format/words'

/** One table: its samples side by side, and the sheet of the one in hand; on a coded one the reveal, then the panel. */
const TODAY_MS = 12 * 3_600_000
const props = defineProps<{ id: number }>()
const route = useRoute()
const who = useWho()
const vocabulary = useLoad(() => answer(api.GET('/api/vocabulary')))
const lately = useLoad(() => answer(api.GET('/api/vocabulary/lately')))
const at = useTable(props.id, Number(route.query.sheet))
const { table, roasts, cupper, seated, sheet, failure, shown, coded, told, samples, current, take, sitDown } =
  at
const { person, people, change, named } = at

const warnings = computed(() => [
  ...(table.data.value?.warnings ?? []).map((w) => ({
    text: w.text,
    name: samples.value.find((s) => s.roastId === w.roastId)?.what,
  })),
  ...(table.data.value?.preparation ?? []).map((text) => ({ text, name: undefined })),
])
/** A table of some other day is looked at, not cupped. */
const running = computed(
  () =>
    !table.data.value?.revealedAt &&
    Math.abs(Date.now() - Date.parse(table.data.value?.cuppedAt ?? '')) < TODAY_MS,
)
/** Sheets of whoever sits here, once there is one for every sample. */
const comparable = computed(() =>
  table.data.value?.kind === 'scoring' && samples.value.every((s) => s.sheetId)
    ? samples.value.map((s) => s.sheetId!)
    : [],
)
const sideBySide = shallowRef<Schemas['SheetView'][]>()
async function compare() {
  if (sideBySide.value) {
    sideBySide.value = undefined
    return take(current.value?.code, true)
  }
  const opened = await Promise.all(
    comparable.value.map((sheetId) =>
      answer(api.GET('/api/cuppings/{id}/sheets/{sheetId}', { params: { path: { id: props.id, sheetId } } })),
    ),
  )
  failure.value = opened.find((o) => o.failure)?.failure
  sideBySide.value = failure.value ? undefined : opened.map((o) => o.data!)
}
const scoring = computed(() => !coded.value || (!told.value && seated.value))
</script>

<template>
  <PageState
    :loading="table.loading.value"
    :failure="table.failure.value ?? roasts.failure.value ?? vocabulary.failure.value ?? failure"
    :there="!!table.data.value && !!vocabulary.data.value && !!roasts.data.value"
    @retry="(table.reload(), roasts.reload(), vocabulary.reload())"
  >
    <template v-if="table.data.value">
      <div class="page-head">
        <h1>{{ (scoring && current?.name) || (coded ? 'Blind table' : 'Cupping') }}</h1>
        <span class="quiet">
          {{ moment(table.data.value.cuppedAt) }} · {{ plural(table.data.value.cups, 'cup') }} ·
          {{ labelOf('CuppingForm', table.data.value.form ?? 'hundred-point') }}
          <template v-if="served(table.data.value.protocol?.serving)">
            · {{ served(table.data.value.protocol?.serving) }}
          </template>
          <template v-if="coded">
            · {{ told ? 'revealed' : table.data.value.blind === 'coded' ? 'coded' : 'cups shuffled' }}
            <template v-if="scoring"> · {{ cupper }}</template>
          </template>
        </span>
        <span class="spacer" />
        <v-btn v-if="running && who.prepares" variant="outlined" :to="`/cupping/${id}/prepare`"
          >Prepare</v-btn
        >
        <v-btn
          v-if="told && coded && samples.length > 2"
          variant="outlined"
          :to="`/trace/table/${table.data.value.id}`"
          >What its cups share</v-btn
        >
        <v-btn v-if="told && current?.roastId && !coded" color="primary" :to="`/trace/${current.roastId}`"
          >Trace</v-btn
        >
      </div>
      <ul v-if="warnings.length" class="card warnings" aria-label="Before the pour">
        <li v-for="w in warnings" :key="w.text + w.name">
          <b v-if="w.name">{{ w.name }}.</b> {{ w.text }}
        </li>
      </ul>
      <TakeSeat
        v-if="coded && !told && !seated"
        v-model="cupper"
        question="Who cups here?"
        action="Sit down"
        @seated="sitDown"
      />
      <ClockCard v-if="running" :id="id" :names="Object.fromEntries(samples.map((s) => [s.code, s.name]))" />
      <v-btn
        v-if="scoring && coded && comparable.length > 1"
        variant="outlined"
        class="mb-3"
        @click="compare"
        >{{ sideBySide ? 'Sample by sample' : 'Side by side, one attribute at a time' }}</v-btn
      >
      <SideBySide
        v-if="sideBySide"
        :sheets="sideBySide"
        :codes="samples.map((s) => s.code)"
        :form="sideBySide[0]?.form ?? 'hundred-point'"
      />
      <WhoCups
        v-if="!coded && !sideBySide && who.session?.role !== 'cupper' && people.length"
        :people="people"
        :person="person"
        @change="change"
      />
      <SampleNav
        v-if="!sideBySide && scoring && samples.length > 1"
        :samples="samples"
        :in-hand="current?.code"
        label="Samples on the table"
        @take="take"
      />
      <SampleSheet
        v-if="scoring && sheet && !sideBySide"
        :key="`${sheet.id}-${shown}`"
        :sheet="sheet"
        :vocabulary="vocabulary.data.value ?? []"
        :lately="lately.data.value ?? []"
        :seated="coded"
        @reload="take(current?.code, true)"
        @named="named"
      />
      <RevealCard
        v-if="coded && !told"
        :table="table.data.value"
        :tasting="seated"
        @changed="table.reload()"
      />
      <TriageCard
        v-if="told && table.data.value.kind === 'triage' && (coded || table.data.value.sheets.length)"
        :names="Object.fromEntries(samples.map((s) => [s.code, s.name]))"
        :sheets="table.data.value.sheets"
      />
      <PanelCard
        v-else-if="told && table.data.value.sheets.length > 1"
        :id="id"
        :key="shown"
        :names="Object.fromEntries(samples.map((s) => [s.code, s.name]))"
        :reason="table.data.value.revealReason"
      />
      <TableNote :id="id" :note="table.data.value.note" @kept="table.reload()" />
    </template>
  </PageState>
</template>

<style scoped>
.warnings {
  list-style: none;
  border-left: 4px solid var(--ember);
  margin-bottom: 14px;
}
</style>
