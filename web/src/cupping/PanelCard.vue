<script setup lang="ts">
import { computed } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { signed } from '@/shared/format/text'

/** What the table showed: every cupper’s score as a dot, how far they agree, and whether an order can be said. */
const props = defineProps<{
  id: number
  names: Record<string, string>
  sheets: Schemas['SheetView'][]
  reason?: string
}>()
const loaded = useLoad(() =>
  answer(api.GET('/api/cuppings/{id}/panel', { params: { path: { id: props.id } } })),
)
const panel = computed(() => loaded.data.value)
const best = computed(() => [...(panel.value?.samples ?? [])].sort((a, b) => b.mean - a.mean))
const range = computed(() => {
  const all = best.value.flatMap((s) => s.scores.map((x) => x.score))
  const low = Math.floor(Math.min(...all))
  return { low, high: Math.max(low + 1, Math.ceil(Math.max(...all))) }
})
const left = (score: number) => `${(100 * (score - range.value.low)) / (range.value.high - range.value.low)}%`
/** Words by how many cuppers found them, the most agreed first. */
const words = (code: string) => {
  const found = new Map<string, number>()
  const sheets = props.sheets.filter((s) => s.code === code)
  sheets.flatMap((s) => s.words).forEach((w) => found.set(w.word, (found.get(w.word) ?? 0) + 1))
  return [...found]
    .sort((a, b) => b[1] - a[1])
    .map(([word, cuppers]) => `${word} ${cuppers} of ${sheets.length}`)
    .join(', ')
}
/** How many of the scores before it are the same: such dots stand on each other. */
const alike = (scores: { score: number }[], i: number) =>
  scores.slice(0, i).filter((x) => x.score === scores[i]!.score).length
const offset = (points: number) =>
  Math.abs(points) < 0.05 ? 'at the table’s mean' : `${signed(points)} points from the table’s mean`
const icc = computed(() => {
  const a = panel.value?.agreement
  return a?.icc21 === undefined
    ? undefined
    : a.icc21.toFixed(2) +
        (a.icc21Lower === a.icc21Upper
          ? ''
          : ` (95 %: ${a.icc21Lower!.toFixed(2)} to ${a.icc21Upper!.toFixed(2)})`)
})
</script>

<template>
  <section v-if="panel && panel.samples.length" class="card panel" aria-labelledby="panel-title">
    <h2 id="panel-title">What the table showed</h2>
    <p class="said">{{ panel.text }}</p>
    <p v-if="reason" class="quiet">Revealed before everybody had finished: {{ reason }}</p>
    <div class="table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>Sample</th>
            <th class="dots-head">
              <span>{{ range.low }}</span><span>{{ range.high }}</span>
            </th>
            <th class="num">Median</th>
            <th class="num">Mean</th>
            <th class="num">Spread</th>
            <th>Words</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="s in best" :key="s.code">
            <td>
              <router-link v-if="s.roastId" class="plain" :to="`/trace/${s.roastId}`">{{
                names[s.code] ?? s.code
              }}</router-link>
              <template v-else>{{ names[s.code] ?? s.code }}</template>
            </td>
            <td>
              <div class="dots">
                <span class="median" :style="{ left: left(s.median) }" />
                <span
                  v-for="(x, i) in s.scores"
                  :key="x.cupper"
                  class="dot"
                  :style="{ left: left(x.score), bottom: `${2 + 9 * alike(s.scores, i)}px` }"
                  :title="`${x.cupper} ${x.score.toFixed(2)}`"
                  :aria-label="`${x.cupper} ${x.score.toFixed(2)}`"
                  role="img"
                />
              </div>
            </td>
            <td class="num">
              <b>{{ s.median.toFixed(2) }}</b>
            </td>
            <td class="num">{{ s.mean.toFixed(2) }}</td>
            <td class="num">{{ s.sd === undefined ? '' : `±${s.sd.toFixed(2)}` }}</td>
            <td>{{ words(s.code) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <div v-if="panel.cuppers.length > 1" class="agree">
      <dl>
        <template v-if="icc">
          <dt>One cupper’s scores, agreement (ICC)</dt>
          <dd>{{ icc }}</dd>
        </template>
        <template v-if="panel.agreement?.kendallW !== undefined">
          <dt>Same order (Kendall’s W)</dt>
          <dd>{{ panel.agreement.kendallW.toFixed(2) }}</dd>
        </template>
        <template v-if="panel.agreement?.smallestDifference !== undefined">
          <dt>Smallest difference it could show</dt>
          <dd>{{ panel.agreement.smallestDifference.toFixed(2) }} points</dd>
        </template>
      </dl>
      <dl>
        <template v-for="c in panel.cuppers" :key="c.name">
          <dt>{{ c.name || 'no name' }}</dt>
          <dd>
            {{ offset(c.offset)
            }}<template v-if="c.repeats !== undefined"
              >; the same coffee twice within ±{{ c.repeats.toFixed(2) }}</template
            >
          </dd>
        </template>
      </dl>
    </div>
    <p v-if="panel.leftOut.length" class="quiet">
      Not in the agreement, because a score is missing: {{ panel.leftOut.join(', ') }}.
    </p>
    <p class="quiet">People differ in what they can taste: an offset is no fault.</p>
  </section>
</template>

<style scoped>
.panel {
  display: grid;
  gap: 10px;
  margin-top: 16px;
}
.said {
  font-weight: 600;
}
.dots-head {
  width: 30%;
  min-width: 200px;
}
.dots-head span:last-child {
  float: right;
}
.dots {
  position: relative;
  height: 34px;
  margin: 0 9px;
  border-bottom: 1px solid var(--line);
}
.dot,
.median {
  position: absolute;
  transform: translateX(-50%);
}
.dot {
  width: 16px;
  height: 16px;
  border-radius: 50%;
  background: var(--cup);
  border: 2px solid var(--card);
}
.median {
  bottom: 0;
  width: 3px;
  height: 30px;
  background: var(--ink);
}
.agree {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 48px;
}
.agree dl {
  display: grid;
  grid-template-columns: auto auto;
  gap: 2px 16px;
}
.agree dt {
  color: var(--ink-2);
}
.agree dd {
  font-weight: 600;
}
</style>
