<script setup lang="ts">
import { computed, nextTick, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api, type Failure } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import KeptNote from '@/shared/components/KeptNote.vue'
import PageState from '@/shared/components/PageState.vue'
import { isoDay, plural } from '@/shared/format/text'
import { useKept } from '@/shared/useKept'
import BatchesCard from './BatchesCard.vue'
import AddSamples from './AddSamples.vue'
import DayRow from './DayRow.vue'
import DayStrip from './DayStrip.vue'
import { hourMinute, moved, type Day, type DayContent } from './day'

/** The roasts of a day with clock times: put in, moved by dragging or by keys, and what that means for the table. */
const route = useRoute()
const router = useRouter()
const date = computed(() => (typeof route.query.on === 'string' ? route.query.on : isoDay(new Date())))
const path = computed(() => ({ params: { path: { date: date.value } } }))
const loaded = useLoad(
  () => answer(api.GET('/api/days/{date}', path.value)),
  () => date.value,
)
const plans = useLoad(() => answer(api.GET('/api/plans')))
const samples = useLoad(() => answer(api.GET('/api/green-samples')))
const day = shallowRef<Day>()
const content = ref<DayContent>()
const failure = shallowRef<Failure>()
const adding = ref(false)
const said = ref('')

const kept = useKept(
  (version) =>
    answer(api.PUT('/api/days/{date}', { ...path.value, body: { version, content: content.value! } })),
  show,
  150,
)
function show(view: Day) {
  day.value = view
  content.value = view.content
}
watch(
  () => loaded.data.value,
  (view) => {
    if (view) {
      kept.loaded(view.version)
      show(view)
    }
  },
)

function change(next: Partial<DayContent>) {
  content.value = { ...content.value!, ...next }
  kept.changed()
}
const items = computed(() => content.value?.items ?? [])
const rows = computed(() =>
  items.value.map((item) => ({ item, slot: day.value?.slots.find((s) => s.planId === item.planId) })),
)

// samples that are not in the day yet, one line each
const open = computed(() => {
  const inDay = new Set(
    (plans.data.value ?? [])
      .filter((p) => items.value.some((i) => i.planId === p.id))
      .map((p) => p.greenSampleId),
  )
  return (samples.data.value ?? []).filter((s) => !s.stopped && !inDay.has(s.id))
})

async function add(chosen: number[]) {
  adding.value = true
  const added = []
  for (const sampleId of chosen) {
    const plan = plans.data.value?.find((p) => p.greenSampleId === sampleId)
    const begun = plan
      ? { data: plan }
      : await answer(
          api.POST('/api/plans', {
            body: { greenSampleId: sampleId, machineId: content.value!.machineId },
          }),
        )
    if (begun.data) {
      added.push({ planId: begun.data.id })
    } else {
      failure.value = begun.failure
      break
    }
  }
  await plans.reload()
  change({ items: [...items.value, ...added] })
  await spare()
  adding.value = false
}

/** Asks for the order that spares changes of the charge. */
async function spare() {
  const result = await answer(
    api.POST('/api/days/{date}/order', { ...path.value, body: { version: 0, content: content.value! } }),
  )
  failure.value = result.failure
  if (result.data) {
    change({ items: result.data.content.items })
    said.value = `In an order that changes the charge ${plural(result.data.chargeChanges, 'time')}.`
  }
}

const list = ref<HTMLElement>()
async function move(from: number, to: number) {
  if (to < 0 || to >= items.value.length) {
    return
  }
  change({ items: moved(items.value, from, to) })
  await nextTick()
  list.value?.querySelectorAll<HTMLElement>('.row')[to]?.focus()
}
function onKey(event: KeyboardEvent, index: number) {
  if (event.target !== event.currentTarget) {
    return
  }
  const to = { ArrowUp: index - 1, ArrowDown: index + 1, Home: 0, End: items.value.length - 1 }[event.key]
  if (to !== undefined) {
    event.preventDefault()
    void move(index, to)
  }
}
const dragged = ref<number>()
function drop(index: number) {
  if (dragged.value !== undefined && dragged.value !== index) {
    void move(dragged.value, index)
  }
  dragged.value = undefined
}
function notBefore(index: number, time: string) {
  change({
    items: items.value.map((item, i) => (i === index ? { ...item, notBefore: time || undefined } : item)),
  })
}
const RESTS = [
  { value: 'protocol', title: 'protocol, 8 to 24 hours' },
  { value: 'drinking', title: 'drinking, day 1 to 4' },
  { value: 'late', title: 'late, from day 4' },
]
</script>

<template>
  <div class="page-head">
    <h1>The day</h1>
    <input
      class="date"
      type="date"
      aria-label="Day"
      :value="date"
      @change="router.replace({ query: { on: ($event.target as HTMLInputElement).value } })"
    />
    <KeptNote
      :state="kept.state.value"
      :text="kept.text.value"
      :failure="kept.failure.value"
      @retry="kept.flush"
    />
    <span class="spacer" />
    <v-btn variant="outlined" to="/plan">Plans</v-btn>
    <v-btn variant="outlined" :disabled="rows.length < 2" @click="spare">Spare charge changes</v-btn>
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
            <h2 id="order-title">{{ rows.length ? plural(rows.length, 'roast') : 'Nothing planned yet' }}</h2>
            <span v-if="day.endsAt" class="quiet">
              done {{ hourMinute(day.endsAt) }} · the charge changes {{ plural(day.chargeChanges, 'time') }}
            </span>
          </div>
          <p v-if="rows.length" class="quiet">
            Drag a roast, or choose it and press the up and down arrows. Lit at {{ hourMinute(content.lit) }},
            warm-up {{ Math.round(day.warmUpS / 60) }} min, {{ Math.round(day.turnaroundS) }} s between
            roasts.
          </p>
          <ol ref="list">
            <li
              v-for="({ item, slot }, index) in rows"
              :key="item.planId"
              class="row"
              :class="{ dragged: dragged === index }"
              tabindex="0"
              draggable="true"
              :aria-label="`${index + 1}: ${slot?.lotName ?? 'new'}, charge at ${slot ? hourMinute(slot.chargeAt) : 'soon'}. Arrows move it.`"
              @keydown="onKey($event, index)"
              @dragstart="dragged = index"
              @dragend="dragged = undefined"
              @dragover.prevent
              @drop.prevent="drop(index)"
            >
              <DayRow
                :slot-view="slot"
                :first="index === 0"
                :last="index === rows.length - 1"
                @earlier="move(index, index - 1)"
                @later="move(index, index + 1)"
                @remove="change({ items: items.filter((_, i) => i !== index) })"
                @not-before="notBefore(index, $event)"
              />
            </li>
          </ol>
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
              :items="RESTS"
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
        Follow the machine’s manual, local codes and the site’s fire plan.
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
  gap: 14px;
  align-items: baseline;
}
ol {
  list-style: none;
  padding: 0;
}
.row {
  display: grid;
  grid-template-columns: 28px 110px 1fr auto 44px 44px 44px;
  gap: 6px;
  align-items: center;
  border-top: 1px solid var(--line);
  padding: 6px 0;
  min-height: 60px;
}
.dragged {
  opacity: 0.4;
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
  .row {
    grid-template-columns: 104px 1fr 44px 44px 44px;
  }
}
@media (max-width: 560px) {
  .row {
    grid-template-columns: 1fr 44px 44px 44px;
  }
}
</style>
