<script setup lang="ts">
import { computed } from 'vue'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { day, plural } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import BagText from './BagText.vue'
import SortedTable from './SortedTable.vue'

/** All that is known of a lot, gathered: its cups over tables and cuppers, its stages side by side, its roasts. */
const props = defineProps<{ lotId: number }>()
const preferences = usePreferences()
const fahrenheit = computed(() => preferences.units.temperature === 'F')
const report = useLoad(
  () =>
    answer(
      api.GET('/api/lots/{id}/report', {
        params: { path: { id: props.lotId }, query: { fahrenheit: fahrenheit.value } },
      }),
    ),
  () => [props.lotId, fahrenheit.value],
)
const r = computed(() => report.data.value)
/** The newest roast in which single beans are to blame. */
const sortable = computed(() => r.value?.roasts.filter((t) => t.cause === 'quakers').at(-1)?.roastId)
const two = (n: number) => n.toFixed(2)
const file = (kind: string) =>
  `/api/lots/${props.lotId}/report${kind}${fahrenheit.value ? '?fahrenheit=true' : ''}`
</script>

<template>
  <section class="card known">
    <div class="head">
      <h2 class="label">What is known</h2>
      <span class="spacer" />
      <v-btn variant="outlined" :href="file('.pdf')" target="_blank">Report, PDF</v-btn>
      <v-btn variant="outlined" :href="`/api/lots/${lotId}/claim.pdf`" target="_blank">Claim, PDF</v-btn>
      <v-btn variant="text" :href="file('.csv')">CSV</v-btn>
      <v-btn variant="text" :href="file('')" target="_blank">JSON</v-btn>
    </div>
    <PageState
      :loading="report.loading.value"
      :failure="report.failure.value"
      :there="!!r"
      @retry="report.reload"
    >
      <template v-if="r">
        <div class="parts">
          <div>
            <h3>Cup</h3>
            <p v-if="r.scores.mean === undefined" class="quiet">
              {{ r.scores.leftOut.join(' ') || 'Nothing was cupped, or nothing is revealed yet.' }}
            </p>
            <template v-else>
              <p>
                <b class="tabular">{{ two(r.scores.mean) }}</b><template v-if="r.scores.sd !== undefined">
                  ± {{ two(r.scores.sd) }}</template
                >
                over {{ plural(r.scores.sheets, 'sheet') }}, {{ plural(r.scores.tables, 'table') }},
                {{ plural(r.scores.cuppers, 'cupper') }}
              </p>
              <p v-for="s in r.scores.each" :key="`${s.cuppingId} ${s.cupper} ${s.score}`" class="each">
                <router-link class="plain" :to="`/cupping/${s.cuppingId}`"
                  >Table {{ s.cuppingId }}</router-link
                >
                <span>{{ s.cupper }}, {{ day(s.cuppedAt) }}, {{ s.stage }}</span>
                <span class="tabular">{{ two(s.score) }}</span>
              </p>
              <p v-for="a in r.scores.apart" :key="a.what" class="each">
                <span>{{ plural(a.sheets, 'sheet') }} {{ a.what }}</span>
                <span class="tabular">{{ two(a.mean) }}</span>
              </p>
              <p v-for="line in r.scores.leftOut" :key="line" class="quiet">{{ line }}</p>
              <p>
                <span v-for="w in r.words.slice(0, 14)" :key="w.word" class="word">
                  {{ w.word }} <span class="quiet">{{ w.cups }}/{{ w.ofCups }}</span>
                </span>
              </p>
            </template>
          </div>
          <div>
            <h3>Green</h3>
            <template v-for="m in r.measured" :key="m.stage">
              <p>
                <b>{{ m.stage }}</b>{{ m.grade ? `: ${m.grade}. ` : ': '
                }}{{ m.said.join(' ') || 'not measured' }}
              </p>
            </template>
            <table v-for="s in r.stages" :key="s.later" class="plain">
              <thead>
                <tr>
                  <th>Figure</th>
                  <th class="num">{{ s.earlier }}</th>
                  <th class="num">{{ s.later }}</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="f in s.figures" :key="f.figure" :class="{ ember: f.verdict === 'differs' }">
                  <td>{{ f.figure }}</td>
                  <td class="num">{{ f.earlier === undefined ? '–' : `${two(f.earlier)} ${f.unit}` }}</td>
                  <td class="num">{{ f.later === undefined ? '–' : `${two(f.later)} ${f.unit}` }}</td>
                </tr>
              </tbody>
            </table>
          </div>
        </div>
        <div v-if="r.uses.length" class="uses">
          <h3>What to do with it, by its cup</h3>
          <p v-for="u in r.uses" :key="u.role">
            <b>{{ u.role }}</b> {{ u.text }}
            <router-link class="plain" :to="`/plan/new?lot=${lotId}&school=${u.schoolId}`"
              >Begin such a plan</router-link
            >
          </p>
        </div>
        <SortedTable v-if="sortable" :roast-id="sortable" />
        <BagText :lot-id="lotId" />
        <div v-if="r.roasts.length" class="table-scroll">
          <table class="plain">
            <thead>
              <tr>
                <th>Roast</th>
                <th>Of the curve</th>
                <th class="num">Score</th>
                <th>Tastes of</th>
                <th>Comes from</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="t in r.roasts" :key="t.roastId">
                <td>
                  <router-link class="plain" :to="`/trace/${t.roastId}`">{{ t.title }}</router-link>
                </td>
                <td>{{ t.faults.join('; ') || 'no fault' }}</td>
                <td class="num">{{ t.score === undefined ? '' : two(t.score) }}</td>
                <td>
                  {{
                    t.words
                      .slice(0, 4)
                      .map((w) => w.word)
                      .join(', ')
                  }}
                </td>
                <td :class="{ ember: t.cause }">
                  {{ t.cause ?? '' }}<span v-if="t.held" class="quiet"> (held)</span>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
      </template>
    </PageState>
  </section>
</template>

<style scoped>
.known {
  margin-top: 16px;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.spacer {
  flex: 1;
}
.parts {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 20px;
  margin-bottom: 12px;
}
.uses p {
  margin: 3px 0;
}
.each {
  display: grid;
  grid-template-columns: 80px minmax(0, 1fr) 60px;
  margin: 2px 0;
}
.word {
  display: inline-block;
  margin-right: 14px;
}
@media (max-width: 900px) {
  .parts {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
