<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { day, roastName } from '@/shared/format/text'

/** Up to four traces side by side: what each cup says, what it may come from, and what speaks for it. */
const MOST = 4
/** What adds less is told on the trace itself. */
const TELLS = 0.5
const ids = computed(() => [
  ...new Set(
    ([] as (string | null)[])
      .concat(useRoute().query.id ?? [])
      .map(Number)
      .filter(Boolean),
  ),
])
interface One {
  roast: Schemas['RoastView']
  trace: Schemas['TraceView']
}
const traces = useLoad(async () => {
  const all = await Promise.all(
    ids.value.slice(0, MOST).map(async (id) => {
      const at = { params: { path: { id } } }
      const [roast, trace] = await Promise.all([
        answer(api.GET('/api/roasts/{id}', at)),
        answer(api.GET('/api/roasts/{id}/trace', at)),
      ])
      return { roast, trace }
    }),
  )
  const failure = all.flatMap((a) => [a.roast.failure, a.trace.failure]).find(Boolean)
  return failure
    ? { failure }
    : { data: all.map((a): One => ({ roast: a.roast.data!, trace: a.trace.data! })) }
})
const named = (t: Schemas['TraceView']) => t.findings.filter((f) => f.standing !== 'unlikely').slice(0, 2)
const strongest = (f: Schemas['FindingView']) =>
  f.evidence
    .filter((e) => e.source !== 'cup' && e.weight >= TELLS)
    .slice(0, 4)
    .map((e) => e.text)
</script>

<template>
  <div class="page-head">
    <h1>Traces side by side</h1>
    <span class="spacer" />
    <v-btn
      v-if="ids.length > 1"
      variant="text"
      :to="{ path: '/roast/beside', query: { id: ids.slice(0, MOST) } }"
      >Their curves over each other</v-btn
    >
    <v-btn variant="text" to="/trace">To the traces</v-btn>
  </div>
  <PageState
    :loading="traces.loading.value"
    :failure="traces.failure.value"
    :there="!!traces.data.value"
    :empty="!ids.length"
    @retry="traces.reload"
  >
    <template #empty><p>None chosen: a trace names the roasts whose curve is like its own.</p></template>
    <div class="beside">
      <section v-for="{ roast, trace } in traces.data.value" :key="roast.id" class="card">
        <h2>
          <router-link class="plain" :to="`/trace/${roast.id}`">{{ roastName(roast) }}</router-link>
        </h2>
        <p class="quiet">
          {{ roast.process }}, {{ day(roast.roastedAt) }}<br />{{
            trace.finalScore === undefined ? 'not cupped yet' : trace.finalScore.toFixed(2)
          }}
        </p>
        <h3 class="label">The cup says</h3>
        <p>{{ trace.words.map((w) => w.word).join(', ') || 'nothing' }}</p>
        <template v-for="f in named(trace)" :key="f.cause">
          <h3>{{ f.label }}</h3>
          <p>{{ f.chance }}</p>
          <ul>
            <li v-for="text in strongest(f)" :key="text">{{ text }}</li>
          </ul>
          <p v-if="f.correction">
            <b>{{ f.correction.text }}</b>
          </p>
        </template>
        <p v-if="!named(trace).length">Nothing found.</p>
      </section>
    </div>
  </PageState>
</template>

<style scoped>
.beside {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 16px;
}
h3 {
  margin-top: 12px;
}
h3:not(.label)::first-letter {
  text-transform: uppercase;
}
ul {
  padding-left: 18px;
}
</style>
