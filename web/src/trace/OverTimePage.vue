<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { plural } from '@/shared/format/text'
import { percent } from './odds'
import RenewalNote from './RenewalNote.vue'
import { labelOf, type Code } from '@/shared/format/words'

/** How often each cause was found, by whatever is asked, and whether it got rarer. */
const BY = [
  { value: 'month', title: 'month' },
  { value: 'machine', title: 'roaster' },
  { value: 'process', title: 'process' },
  { value: 'supplier', title: 'supplier' },
  { value: 'person', title: 'who roasted' },
] as const
const by = ref<(typeof BY)[number]['value']>('month')
const view = useLoad(
  () => answer(api.GET('/api/traces/over-time', { params: { query: { by: by.value } } })),
  () => by.value,
)
/** A cause that is named no more keeps its code. */
const name = (cause: string) => labelOf('Cause', cause as Code<'Cause'>)
const causes = computed(() => view.data.value?.trends ?? [])
const of = (group: Schemas['OverTimeGroup'], cause: string) => group.causes[cause] ?? 0
const most = computed(() =>
  Math.max(
    0.01,
    ...(view.data.value?.groups ?? []).flatMap((g) => Object.values(g.causes).map((cups) => cups / g.cupped)),
  ),
)
const shade = (group: Schemas['OverTimeGroup'], cause: string) =>
  `${Math.round((60 * of(group, cause)) / group.cupped / most.value)}%`
const SURE = 0.95
const told = computed(() =>
  causes.value.map((t) => ({
    ...t,
    says:
      t.rarer >= SURE
        ? `rarer: ${percent(t.rarer)} sure`
        : t.rarer <= 1 - SURE
          ? `more frequent: ${percent(1 - t.rarer)} sure`
          : 'no change that can be told from chance',
  })),
)
</script>

<template>
  <div class="page-head">
    <h1>What cups came from, over time</h1>
    <span class="quiet">by your verdicts, else by findings that the cup speaks for</span>
    <span class="spacer" />
    <v-btn variant="text" to="/trace">To the traces</v-btn>
  </div>
  <v-select v-model="by" :items="BY" label="Counted by" class="by" hide-details />
  <RenewalNote @done="view.reload" />
  <PageState
    :loading="view.loading.value"
    :failure="view.failure.value"
    :there="!!view.data.value"
    :empty="!view.data.value?.groups.length"
    @retry="view.reload"
  >
    <template #empty><p>Nothing was cupped yet.</p></template>
    <div class="card table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>{{ BY.find((b) => b.value === by)?.title }}</th>
            <th class="num">cupped</th>
            <th v-for="c in causes" :key="c.cause" class="num">{{ name(c.cause) }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="g in view.data.value?.groups" :key="g.name">
            <td>{{ g.name }}</td>
            <td class="num">{{ g.cupped }}</td>
            <td
              v-for="c in causes"
              :key="c.cause"
              class="num share"
              :style="{ '--share': shade(g, c.cause) }"
            >
              {{ of(g, c.cause) || '·' }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <section v-if="told.length" class="card">
      <h2 class="label">The newer half against the older</h2>
      <ul>
        <li v-for="t in told" :key="t.cause">
          <b>{{ name(t.cause) }}</b>
          <span
            >{{ t.before }} of {{ t.ofBefore }}, then {{ t.after }} of {{ plural(t.ofAfter, 'roast') }}</span
          >
          <span class="quiet">{{ t.says }}</span>
        </li>
      </ul>
    </section>
  </PageState>
</template>

<style scoped>
.by {
  max-width: 300px;
  margin-bottom: 14px;
}
.card + .card {
  margin-top: 14px;
}
.share {
  background: color-mix(in srgb, var(--ember) var(--share), transparent);
}
ul {
  list-style: none;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 200px 220px minmax(0, 1fr);
  gap: 12px;
  min-height: 32px;
  align-items: baseline;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
