<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { usePreferences } from '@/shared/preferences'
import KeptNote from '@/shared/kept/KeptNote.vue'
import PageState from '@/shared/components/PageState.vue'
import { choicesOf } from '@/shared/format/words'
import { moved } from '@/shared/format/list'
import { isoDay, plural } from '@/shared/format/text'
import BatchesCard from './BatchesCard.vue'
import AddSamples from './AddSamples.vue'
import DayOrder from './DayOrder.vue'
import DayStrip from './DayStrip.vue'
import { hourMinute, type Day } from './day'
import { useDay } from './useDay'

/** The roasts of a day with clock times: put in, moved by dragging or by keys, and what that means for the table. */
const route = useRoute()
const router = useRouter()
const date = computed(() => (typeof route.query.on === 'string' ? route.query.on : isoDay(new Date())))
const { loaded, day, content, failure, kept, change, undo, before, items, rows, open, adding, add, group } =
  useDay(() => date.value)
const said = ref('')

async function goTo(day: string) {
  await kept.flush()
  await router.replace({ query: { on: day } })
}

/** How often the charge is another one, and whether the drum has to settle for it. */
const charges = (d: Day) =>
  `the charge changes ${plural(d.chargeChanges, 'time')}` +
  (d.chargeChanges && !d.settlings ? ', each so little that the drum need not settle' : '') +
  (d.settlings ? `, ${plural(d.settlings, 'time')} so much that the drum has to settle` : '')

async function groupByCharge() {
  const grouped = await group()
  said.value = grouped ? `Grouped by charge: ${charges(grouped)}.` : ''
}
function takeBack() {
  undo()
  said.value = 'The last change is taken back.'
}
const remove = (index: number) => change({ items: items.value.filter((_, i) => i !== index) })
const notBefore = (index: number, time: string) =>
  change({
    items: items.value.map((item, i) => (i === index ? { ...item, notBefore: time || undefined } : item)),
  })
const preferences = usePreferences()
</script>

<template>
  <div class="page-head">
    <h1>The day</h1>
    <input
      class="date"
      type="date"
      aria-label="Day"
      :value="date"
      @change="goTo(($event.target as HTMLInputElement).value)"
    />
    <KeptNote :kept="kept" @theirs="loaded.reload" />
    <span class="spacer" />
    <v-btn variant="outlined" :disabled="!before.length" @click="takeBack">Undo</v-btn>
    <v-btn variant="outlined" to="/plan">Plans</v-btn>
    <v-btn variant="outlined" :disabled="rows.length < 2" @click="groupByCharge">Group by charge</v-btn>
    <v-btn variant="outlined" :disabled="!rows.length" :href="`/api/days/${date}/calendar.ics`"
      >Calendar file</v-btn
    >
  </div>
  <p v-if="failure" class="ember" role="alert">
    {{ failure.message }} {{ failure.problems.map((p) => p.message).join('. ') }}
  </p>
  <PageState
    :loading="loaded.loading.value"
    :failure="loaded.failure.value"
    :there="!!day && !!content"
    @retry="loaded.reload"
  >
    <template v-if="day && content">
      <DayStrip :day="day" />
      <div class="day">
        <section class="card" aria-labelledby="order-title">
          <div class="head">
            <h2 id="order-title" tabindex="-1">
              {{ rows.length ? plural(rows.length, 'roast') : 'Nothing planned yet' }}
            </h2>
            <span v-if="day.endsAt" class="quiet">
              done {{ hourMinute(day.endsAt) }} · {{ charges(day) }}
            </span>
          </div>
          <p v-if="rows.length" class="quiet">
            Drag a roast, or choose it and press the up and down arrows. Lit at {{ hourMinute(content.lit) }},
            warm-up {{ Math.round(day.warmUpS / 60) }} min, {{ Math.round(day.turnaroundS) }} s between
            roasts.
            <template v-if="day.warmUpBatchAt"
              >A warm-up batch goes first, charged {{ hourMinute(day.warmUpBatchAt) }}: it teaches
              nothing.</template
            >
            <template v-if="day.laterC">
              {{ day.warmUpBatchAt ? 'All others' : 'Later batches' }} are charged
              {{ preferences.differenceText(day.laterC) }} higher than their plan says.</template
            >
          </p>
          <DayOrder
            :rows="rows"
            @move="(from, to) => change({ items: moved(items, from, to) })"
            @remove="remove"
            @not-before="notBefore"
          />
          <p v-if="said" class="quiet" role="status">{{ said }}</p>
        </section>
        <div class="side">
          <AddSamples :open="open" :adding="adding" @add="add" />
          <section class="card group">
            <v-text-field
              type="time"
              label="Drum lit at"
              :model-value="hourMinute(content.lit)"
              hide-details
              @change="change({ lit: ($event.target as HTMLInputElement).value || content.lit })"
            />
            <v-select
              :model-value="content.rest"
              :items="choicesOf('RestSchool')"
              label="Rest by"
              hide-details
              @update:model-value="change({ rest: $event })"
            />
          </section>
          <BatchesCard />
        </div>
      </div>
      <p class="caution mt-4">
        Never leave a lit roaster alone, not even while it warms up. Empty the chaff collector between roasts.
        Follow the machine’s manual, local codes and the site’s fire plan. Smell of gas: touch no switch, shut
        the valve if you can reach it safely, leave, and call for help.
      </p>
    </template>
  </PageState>
</template>

<style scoped>
.date {
  font: inherit;
  color: inherit;
  background: var(--card);
  border: 1px solid var(--ink-2);
  border-radius: 4px;
  padding: 6px 10px;
}
.day {
  display: grid;
  grid-template-columns: minmax(480px, 1.8fr) minmax(300px, 1fr);
  gap: 16px;
  align-items: start;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  align-items: baseline;
}
.side {
  display: grid;
  gap: 16px;
}
.group {
  display: grid;
  gap: 12px;
}
@media (max-width: 900px) {
  .day {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
