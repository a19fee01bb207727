<script setup lang="ts">
import { computed, ref } from 'vue'
import { clock, plural } from '@/shared/format/text'
import MappingDialog from './MappingDialog.vue'
import { reasonOf, reportOf, useManyLogs, type Question } from './manyLogs'

/** Many logs on their way in: how far it is, and afterwards which were refused and why. */
const many = useManyLogs()
const naming = ref<Question>()

const done = computed(() => many.logs.length - many.waiting)
const total = computed(() => plural(many.logs.length, 'log'))
const asking = computed(() => new Set(many.questions.flatMap((q) => q.logs)))
const wrong = computed(() => many.refused.filter((l) => !asking.value.has(l)))
const remaining = computed(() => clock(many.waiting * many.secondsEach))

/** A long table helps nobody on screen; the report has all. */
const SHOWN = 100

function named(map: string[]) {
  const question = naming.value!
  naming.value = undefined
  void many.answerFor(question, { map })
}

function save() {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob(['\uFEFF', reportOf(many.logs)], { type: 'text/csv' }))
  link.download = 'import-report.csv'
  link.click()
  URL.revokeObjectURL(link.href)
}
</script>

<template>
  <section class="card" aria-live="off">
    <h2 v-if="many.running">Importing {{ total }}</h2>
    <h2 v-else-if="many.waiting">Stopped after {{ done }} of {{ total }}</h2>
    <h2 v-else>{{ total }} read</h2>
    <p class="d-sr-only" role="status">{{ many.running || many.waiting ? '' : `${total} read` }}</p>
    <v-progress-linear
      :model-value="(100 * done) / many.logs.length"
      :aria-valuetext="`${done} of ${many.logs.length}`"
      aria-label="Logs read"
      color="primary"
      height="10"
      rounded
      class="my-4"
    />
    <p class="counts">
      <span
        ><b class="figure">{{ many.kept }}</b> kept</span
      >
      <span v-if="many.there"
        ><b class="figure">{{ many.there }}</b> there already</span
      >
      <span :class="{ bad: many.refused.length }"
        ><b class="figure">{{ many.refused.length }}</b> refused</span
      >
      <span v-if="many.waiting"
        ><b class="figure">{{ many.waiting }}</b> to go<template v-if="many.running && done > 2"
          >, about {{ remaining }}</template
        ></span
      >
    </p>
    <p v-if="many.offline" role="alert" class="bad mt-2">
      The server does not answer. It is asked again every few seconds; nothing is lost.
    </p>
    <p v-if="many.running" class="quiet mt-2">You may look at other pages; keep this window open.</p>
    <p class="actions">
      <v-btn v-if="many.running" variant="outlined" @click="many.stop()">Stop</v-btn>
      <v-btn v-else-if="many.waiting" color="primary" @click="many.goOn()">Go on</v-btn>
      <v-btn v-if="!many.running && done" variant="outlined" @click="save">Save the report</v-btn>
      <v-btn v-if="!many.running" variant="outlined" @click="many.clear()">Import others</v-btn>
      <v-btn v-if="!many.running && many.kept" color="primary" to="/roast">To the roasts</v-btn>
    </p>
  </section>

  <section v-for="(q, i) in many.questions" :key="i" class="card mt-4">
    <template v-if="q.kind === 'headings'">
      <h2>{{ plural(q.logs.length, 'log has', 'logs have') }} columns that are not known</h2>
      <p class="quiet my-2">{{ q.mapping!.unknown.join(', ') }}</p>
      <v-btn color="primary" @click="naming = q">Say what they mean</v-btn>
    </template>
    <template v-else>
      <h2>{{ plural(q.logs.length, 'log has', 'logs have') }} figures that are hardly °C</h2>
      <p class="quiet my-2">{{ q.logs[0]!.failure?.message }}</p>
      <v-btn color="primary" class="mr-2" @click="many.answerFor(q, { celsius: 'is-fahrenheit' })"
        >They are °F: convert</v-btn
      >
      <v-btn variant="outlined" @click="many.answerFor(q, { celsius: 'as-written' })"
        >They are °C as written</v-btn
      >
    </template>
  </section>

  <section v-if="wrong.length" class="card mt-4">
    <h2>Refused, nothing of them was kept</h2>
    <table class="plain mt-2">
      <thead>
        <tr>
          <th>File</th>
          <th>What is wrong</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="log in wrong.slice(0, SHOWN)" :key="log.name">
          <td class="file">{{ log.name }}</td>
          <td>{{ reasonOf(log) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="wrong.length > SHOWN" class="quiet mt-2">
      and {{ wrong.length - SHOWN }} more: save the report for all of them.
    </p>
  </section>
  <MappingDialog v-if="naming" :mapping="naming.mapping!" @done="named" @cancel="naming = undefined" />
</template>

<style scoped>
.counts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  align-items: baseline;
}
.counts b {
  font-size: 1.5rem;
}
.bad {
  color: var(--ember);
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: 16px;
}
.file {
  min-width: 12rem;
  font-weight: 600;
  overflow-wrap: anywhere;
}
</style>
