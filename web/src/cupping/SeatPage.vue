<script setup lang="ts">
import { computed, onUnmounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { usePreferences } from '@/shared/preferences'
import ClockCard from './ClockCard.vue'
import GuessCard from './GuessCard.vue'
import OrderCard from './OrderCard.vue'
import SampleNav from './SampleNav.vue'
import SetCard from './SetCard.vue'
import SideBySide from './SideBySide.vue'
import SampleSheet from './SampleSheet.vue'
import { forgetSeat, leaveSeat, takeSeat } from './seat'
import { useChanges } from './useChanges'

/** A blind table from a cupper's own device. */
const id = Number(useRoute().params.id)
const preferences = usePreferences()
const joined = ref(takeSeat(id))
const path = { params: { path: { id } } }
const table = useLoad(() => answer(api.GET('/api/cuppings/{id}/table', path)))
const sheet = ref<Schemas['SheetView']>()
const inHand = ref<string>()
const failure = ref<Failure>()
/** Counts how often one was drawn anew, for what somebody else had written. */
const renewed = ref(0)
const sideBySide = ref(false)
const over = computed(() => !joined.value || table.failure.value?.status === 401)
/** A sheet begins for every sample at once, so that each can be taken in hand when the network is gone. */
async function beginAll() {
  for (const code of table.data.value?.form ? table.data.value.codes : []) {
    if (!own(code)) {
      await answer(api.POST('/api/cuppings/{id}/sheets', { ...path, body: { code } }))
    }
  }
  await table.reload()
}
watch(
  () => !!table.data.value,
  () => void beginAll(),
  { once: true },
)
/** This cupper's own words at this table, then those used lately at others. */
const lately = computed(() => [
  ...new Set([
    ...(table.data.value?.sheets ?? []).flatMap((s) => s.words.map((w) => w.word)),
    ...(table.data.value?.lately ?? []),
  ]),
])
const own = (code: string) => table.data.value?.sheets.find((s) => s.code === code)
/** Where there is something to compare attribute by attribute. */
const scored = computed(
  () =>
    table.data.value?.kind === 'scoring' &&
    table.data.value.codes.length > 1 &&
    table.data.value.codes.every((code) => own(code)),
)
const codes = computed(() =>
  (table.data.value?.codes ?? []).map((code) => ({
    code,
    name: code,
    done: own(code)?.unscored.length === 0,
  })),
)
useChanges(`/api/cuppings/${id}/table/stream`, table.reload, () => over.value)
onUnmounted(leaveSeat)

async function take(code: string, again = false) {
  if (code === inHand.value && !again) {
    return
  }
  const there = own(code)
  const opened = there
    ? await answer(
        api.GET('/api/cuppings/{id}/sheets/{sheetId}', { params: { path: { id, sheetId: there.id } } }),
      )
    : await answer(api.POST('/api/cuppings/{id}/sheets', { ...path, body: { code } }))
  // without a network the one that was seen last, with what was written here since
  const found = opened.data ?? (opened.failure?.status === 0 ? there : undefined)
  failure.value = found ? undefined : opened.failure
  if (found) {
    renewed.value += Number(again)
    sheet.value = found
    inHand.value = code
    await table.reload()
  }
}
/** Set when this cupper got up; the token opens nothing any more, and what is asked next is refused. */
const left = ref(false)
async function getUp() {
  const result = await answer(api.DELETE('/api/cuppings/{id}/seat', path))
  failure.value = result.failure?.status === 401 ? undefined : result.failure
  if (!failure.value) {
    left.value = true
    forgetSeat(id)
    joined.value = false
  }
}
</script>

<template>
  <section v-if="over" class="card">
    <h1>{{ left ? 'You left this table' : 'This table is over for this device' }}</h1>
    <p v-if="left">What you scored is kept and counts. The code of the table lets you in again.</p>
    <p v-else>
      It was revealed, or your seat was given to another device. Ask the lead what the table showed; what you
      gave is kept.
    </p>
    <v-btn color="primary" to="/join">Join a table</v-btn>
  </section>
  <PageState
    v-else
    :loading="table.loading.value"
    :failure="table.failure.value ?? failure"
    :there="!!table.data.value"
    @retry="table.reload()"
  >
    <template v-if="table.data.value">
      <div class="page-head">
        <h1>{{ (!sideBySide && inHand) || 'Your table' }}</h1>
        <span class="quiet">{{ table.data.value.cupper }}</span>
        <span class="spacer" />
        <v-btn variant="text" @click="getUp">Leave the table</v-btn>
      </div>
      <p v-if="table.data.value.serving === 'milk'" class="caution mb-3">
        There is milk in these cups: an allergen.
      </p>
      <template v-if="table.data.value.form">
        <ClockCard :id="id" :names="{}" :clock="table.data.value.clock" />
        <v-btn v-if="scored" variant="outlined" class="mb-3" @click="sideBySide = !sideBySide">{{
          sideBySide ? 'Sample by sample' : 'Side by side, one attribute at a time'
        }}</v-btn>
        <SideBySide
          v-if="sideBySide"
          :sheets="table.data.value.sheets"
          :codes="table.data.value.codes"
          :form="table.data.value.sheets[0]?.form ?? table.data.value.form"
        />
        <SampleNav
          v-else
          :samples="codes"
          :in-hand="inHand"
          label="Samples on the table, in your order"
          @take="take"
        />
        <!-- one that is put away goes on keeping what the server did not take yet -->
        <KeepAlive>
          <SampleSheet
            v-if="sheet && !sideBySide"
            :key="`${sheet.id}-${renewed}`"
            :sheet="sheet"
            :vocabulary="table.data.value.vocabulary"
            :lately="lately"
            seated
            @reload="take(sheet.code, true)"
          />
        </KeepAlive>
        <p v-if="!sheet && !sideBySide" class="quiet">
          Begin with the first: the order is yours, so that no sample is always first.
        </p>
      </template>
      <SetCard
        v-else-if="table.data.value.kind === 'triangle'"
        :id="id"
        :sets="table.data.value.sets"
        :cupper="table.data.value.cupper"
        @changed="table.reload()"
      />
      <template v-else>
        <GuessCard
          :id="id"
          :cupper="table.data.value.cupper"
          :before="table.data.value.guess"
          @kept="table.reload()"
        />
        <OrderCard
          :id="id"
          :codes="table.data.value.codes"
          :cupper="table.data.value.cupper"
          :choice="table.data.value.choice"
          :before="table.data.value.ranking"
          :party-before="table.data.value.party"
          @kept="table.reload()"
        />
      </template>
      <p class="caution mt-4">
        Taste from a spoon, cooled, no sooner than you like: drinks hotter than
        {{ preferences.wholeTemperature(65) }} are classed as probably carcinogenic. Rinse the spoon between
        cups, and spit. Do not taste what smells of chemicals or mould.
      </p>
    </template>
  </PageState>
</template>
