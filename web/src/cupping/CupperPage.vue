<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { moment, plural, signed } from '@/shared/format/text'

/** How one cupper has scored, table by table: a way to know one's own palate, and no mark. */
const name = String(useRoute().params.name)
const loaded = useLoad(() => answer(api.GET('/api/cuppers/{name}/history', { params: { path: { name } } })))
const history = computed(() => loaded.data.value)
const farthest = computed(() =>
  Math.max(1, ...(history.value?.tables ?? []).map((t) => Math.abs(t.offset ?? 0))),
)
const left = (offset: number) => `${50 + (45 * offset) / farthest.value}%`
const scale = computed(() => {
  const s = history.value?.scale
  return s === undefined
    ? 'not known yet'
    : s < 0.75
      ? `little of it: scores lie ${percent(s)} as far apart as the table’s`
      : s > 1.33
        ? `much of it: scores lie ${percent(s)} as far apart as the table’s`
        : `as the others (${percent(s)})`
})
const percent = (s: number) => `${Math.round(100 * s)} %`
</script>

<template>
  <PageState
    :loading="loaded.loading.value"
    :failure="loaded.failure.value"
    :there="!!history"
    @retry="loaded.reload()"
  >
    <template v-if="history">
      <div class="page-head">
        <h1>{{ history.name }}</h1>
        <span class="quiet">{{ plural(history.tables.length, 'table') }} with scores</span>
        <span class="spacer" />
        <v-btn variant="text" to="/cupping/cuppers">All cuppers</v-btn>
      </div>
      <section class="card">
        <dl>
          <dt>Beside the tables’ means</dt>
          <dd>
            {{ history.offset === undefined ? 'nobody else sat there' : `${signed(history.offset)} points` }}
          </dd>
          <dt>Uses of the scale</dt>
          <dd>{{ scale }}</dd>
          <dt>The same coffee twice, not knowing it</dt>
          <dd>
            {{
              history.repeats === undefined
                ? 'no hidden pair yet'
                : `within ±${history.repeats.toFixed(2)} points`
            }}
          </dd>
          <template v-if="history.sets">
            <dt>Triangles</dt>
            <dd>
              {{ history.right }} of {{ plural(history.sets, 'set') }} right; guessing gives
              {{ history.byGuessing.toFixed(1) }}
            </dd>
          </template>
          <template v-if="history.words.length">
            <dt>Words found most</dt>
            <dd>{{ history.words.join(', ') }}</dd>
          </template>
        </dl>
        <p class="quiet">People differ in what they can taste: none of this is a mark.</p>
      </section>
      <div v-if="history.tables.length" class="card table-scroll">
        <table class="plain">
          <thead>
            <tr>
              <th>Table</th>
              <th class="num">Samples</th>
              <th class="num">Cuppers</th>
              <th class="places"><span>stricter</span><span>kinder</span></th>
              <th class="num">Offset</th>
              <th class="num">Own spread</th>
              <th class="num">Same coffee twice</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="t in history.tables" :key="t.cuppingId">
              <td>
                <router-link :to="`/cupping/${t.cuppingId}`">{{ moment(t.cuppedAt) }}</router-link>
              </td>
              <td class="num">{{ t.samples }}</td>
              <td class="num">{{ t.cuppers }}</td>
              <td>
                <div class="line">
                  <i />
                  <span v-if="t.offset !== undefined" class="dot" :style="{ left: left(t.offset) }" />
                </div>
              </td>
              <td class="num">{{ t.offset === undefined ? '' : signed(t.offset) }}</td>
              <td class="num">{{ t.sd === undefined ? '' : `±${t.sd.toFixed(2)}` }}</td>
              <td class="num">{{ t.repeats === undefined ? '' : `±${t.repeats.toFixed(2)}` }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
  </PageState>
</template>

<style scoped>
.card {
  margin-bottom: 14px;
}
dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 4px 20px;
  margin-bottom: 10px;
}
dt {
  color: var(--ink-2);
}
dd {
  font-weight: 600;
}
.places {
  width: 30%;
  min-width: 170px;
}
.places span:last-child {
  float: right;
}
.line {
  position: relative;
  height: 20px;
  border-bottom: 1px solid var(--line);
}
.line i {
  position: absolute;
  left: 50%;
  top: 0;
  bottom: -4px;
  width: 1px;
  background: var(--ink-2);
}
.dot {
  position: absolute;
  bottom: -7px;
  width: 14px;
  height: 14px;
  border-radius: 50%;
  transform: translateX(-50%);
  background: var(--cup);
}
@media (max-width: 620px) {
  dl {
    grid-template-columns: 1fr;
  }
}
</style>
