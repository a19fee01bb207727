<script setup lang="ts">
import { computed } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'

/** What a triangle test came to; who took which cup once it is revealed. */
const props = defineProps<{
  id: number
  sets: Schemas['SetView'][]
  names: Record<string, string>
  told: boolean
  reason?: string
}>()
const loaded = useLoad(() =>
  answer(api.GET('/api/cuppings/{id}/difference', { params: { path: { id: props.id } } })),
)
const result = computed(() => loaded.data.value)
const of = (count: number) => `${(100 * count) / Math.max(1, result.value?.n ?? 1)}%`
const percent = (share: number) =>
  share < 0.001 ? 'less than 0.1 %' : `${(100 * share).toFixed(share < 0.01 ? 1 : 0)} %`
const SIDE: Record<string, string> = { odd: 'the odd one', pair: 'the two alike' }
const answered = computed(() => props.sets.filter((s) => s.answered))
</script>

<template>
  <section v-if="result" class="card result" aria-labelledby="difference-title">
    <h2 id="difference-title">What the sets showed</h2>
    <p v-if="told" class="quiet">{{ names.A }} beside {{ names.B }}</p>
    <div
      class="scale"
      role="img"
      :aria-label="`${result.right} of ${result.n} right, ${result.needed} needed, ${result.byGuessing.toFixed(1)} by guessing`"
    >
      <span class="right" :style="{ width: of(result.right) }" />
      <span class="mark guess" :style="{ left: of(result.byGuessing) }"><i>guessing</i></span>
      <span v-if="result.needed <= result.n" class="mark needed" :style="{ left: of(result.needed) }"
        ><i>{{ result.needed }} needed</i></span
      >
    </div>
    <p class="said">{{ result.text }}</p>
    <p v-for="l in result.leanings" :key="l">Of those who found the odd cup, some of them by luck: {{ l }}</p>
    <p v-if="reason" class="quiet">Revealed before every set was answered: {{ reason }}</p>
    <dl class="figures">
      <dt>Chance of so many by guessing (one-sided, exact)</dt>
      <dd>{{ percent(result.p) }}</dd>
      <dt>May tell them apart, at most (95 % sure)</dt>
      <dd>{{ percent(result.atMost) }} of people</dd>
      <dt>Would have shown what half of people tell</dt>
      <dd>in {{ percent(result.power) }} of tests</dd>
    </dl>
    <div v-if="told" class="table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th class="num">Set</th>
            <th>Who</th>
            <th>Took cup</th>
            <th>What differs</th>
            <th>Sweeter, liked better</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="s in answered" :key="s.set">
            <td class="num">{{ s.set }}</td>
            <td>{{ s.cupper }}</td>
            <td>
              {{ s.chosen }}: <b v-if="s.chosen === s.odd">right</b
              ><span v-else class="quiet">the odd one was {{ s.odd }}</span>
            </td>
            <td>{{ s.what }}</td>
            <td>{{ [SIDE[s.sweeter ?? ''], SIDE[s.preferred ?? '']].filter(Boolean).join(', ') }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.result {
  display: grid;
  gap: 12px;
  margin-top: 16px;
}
.scale {
  position: relative;
  height: 22px;
  margin: 26px 0 4px;
  border: 1px solid var(--line);
  border-radius: 4px;
  background: var(--card);
}
.right {
  position: absolute;
  inset: 0 auto 0 0;
  border-radius: 3px;
  background: var(--cup);
}
.mark {
  position: absolute;
  top: -6px;
  bottom: -6px;
  width: 2px;
  background: var(--ink);
}
.mark i {
  position: absolute;
  bottom: 100%;
  left: 0;
  transform: translateX(-50%);
  white-space: nowrap;
  font-style: normal;
  font-size: 0.8125rem;
}
.guess {
  background: var(--ink-2);
  opacity: 0.7;
}
.said {
  font-weight: 600;
  max-width: 76ch;
}
</style>
