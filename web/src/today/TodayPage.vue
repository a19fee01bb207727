<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import PageState from '@/shared/components/PageState.vue'
import { STATIONS } from '@/shared/components/stations'
import { plural } from '@/shared/format/text'
import { useWaiting } from '@/shared/waiting'
import TaskRow from './TaskRow.vue'

/** What is due now: what has a clock time, then what can be decided in a minute, then the rest by station. */
type Task = Schemas['TaskView']
const waiting = useWaiting()
const tasks = computed(() => waiting.today?.tasks ?? [])
const clock = computed(() => tasks.value.filter((t) => t.kind === 'clock'))
const decide = computed(() => tasks.value.filter((t) => t.kind === 'decide'))
const stations = computed(() =>
  STATIONS.map((s) => ({
    ...s,
    tasks: tasks.value.filter((t) => t.kind === 'station' && t.station === s.word),
  })).filter((s) => s.tasks.length),
)
const first = computed(() => clock.value[0] ?? decide.value[0])
const now = new Date()
const today = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long' }).format(now)
const hour = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })
const dayAndHour = new Intl.DateTimeFormat('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit' })
/** The clock time; with its day when that is not today; nothing is late without a word. */
function at(t: Task) {
  const moment = new Date(t.at!)
  return (moment.toDateString() === now.toDateString() ? hour : dayAndHour).format(moment)
}
const late = (t: Task) => new Date(t.at!).getTime() < now.getTime()
</script>

<template>
  <div class="page-head">
    <h1>Today</h1>
    <span class="quiet">
      {{ today }}<template v-if="tasks.length"> · {{ plural(tasks.length, 'thing') }} to do</template>
    </span>
    <span class="spacer" />
    <v-btn variant="outlined" to="/roast/import">Import a roast log</v-btn>
    <v-btn variant="outlined" to="/green?new=1">New lot</v-btn>
  </div>
  <PageState
    :loading="!waiting.today"
    :failure="waiting.failure"
    :there="!!waiting.today"
    :empty="tasks.length === 0"
    @retry="waiting.refresh"
  >
    <template #empty>
      <h2>Nothing waits</h2>
      <p class="my-3">
        Begin with a green lot: enter what came, import the log of its sample roast, cup it, and read what the
        cup traces back to.
      </p>
      <v-btn color="primary" to="/green?new=1">Enter a lot</v-btn>
    </template>
    <section v-if="clock.length" class="card block" aria-labelledby="clock-title">
      <h2 id="clock-title">By the clock</h2>
      <ol>
        <TaskRow
          v-for="t in clock"
          :key="t.title"
          :figure="at(t)"
          :ember="late(t)"
          :what="t.title"
          :more="t.detail"
          :link="t.link"
          :first="t === first"
        />
      </ol>
    </section>
    <section v-if="decide.length" class="card block" aria-labelledby="decide-title">
      <h2 id="decide-title">Decided in a minute</h2>
      <ol>
        <TaskRow
          v-for="t in decide"
          :key="t.link"
          :figure="t.figure"
          :ember="t.supported"
          :what="t.detail"
          :more="t.title"
          :link="t.link"
          :first="t === first"
        />
      </ol>
    </section>
    <div v-if="stations.length" class="rest">
      <details v-for="s in stations" :key="s.word" class="card">
        <summary>
          <b>{{ s.label }}</b> {{ s.tasks.map((t) => t.title).join('; ') }}
        </summary>
        <p v-for="t in s.tasks" :key="t.title">
          <span class="quiet">{{ t.detail }}</span>
          <v-btn variant="outlined" :to="t.link" :aria-label="`Open: ${t.title}, ${t.detail}`">Open</v-btn>
        </p>
      </details>
    </div>
  </PageState>
</template>

<style scoped>
.block {
  margin-bottom: 14px;
  padding: 12px 20px;
}
ol {
  list-style: none;
  padding: 0;
}
.rest {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(380px, 1fr));
  gap: 10px;
  align-items: start;
}
.rest .card {
  padding: 10px 16px;
}
summary {
  min-height: var(--touch);
  display: list-item;
  line-height: var(--touch);
  cursor: pointer;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
summary b {
  margin-right: 8px;
}
.rest p {
  display: flex;
  gap: 12px;
  justify-content: space-between;
  align-items: center;
  padding: 6px 0;
}
@media (max-width: 600px) {
  .rest {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
