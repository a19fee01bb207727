<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { day, roastName } from '@/shared/format/text'

/** Ageing studies: one line a coffee, score against days. */
const props = defineProps<{ studies: Schemas['AgeingView'][] }>()
const emit = defineEmits<{ changed: [] }>()
const problem = ref('')

const WIDTH = 220
const HEIGHT = 64
const lastDay = () =>
  Math.max(28, ...props.studies.flatMap((s) => [...s.days, ...s.points.map((p) => p.day)]))
const scores = () => props.studies.flatMap((s) => s.points.map((p) => p.score))
const low = () => Math.min(76, ...scores())
const high = () => Math.max(86, ...scores())
const x = (d: number) => (d / lastDay()) * WIDTH
const y = (score: number) => HEIGHT - 6 - ((score - low()) / (high() - low())) * (HEIGHT - 12)
const line = (s: Schemas['AgeingView']) => s.points.map((p) => `${x(p.day)},${y(p.score)}`).join(' ')

async function change(s: Schemas['AgeingView'], event: Event) {
  const days = (event.target as HTMLInputElement).value
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map(Number)
  const result = await answer(
    api.PUT('/api/roasts/{id}/ageing', {
      params: { path: { id: s.roastId } },
      body: { keptG: s.keptG, days: days.filter(Number.isFinite) },
    }),
  )
  problem.value = result.failure?.problems[0]?.message ?? result.failure?.message ?? ''
  emit('changed')
}
async function end(s: Schemas['AgeingView']) {
  await answer(api.DELETE('/api/roasts/{id}/ageing', { params: { path: { id: s.roastId } } }))
  emit('changed')
}
</script>

<template>
  <section class="card">
    <h2>Ageing studies</h2>
    <p v-if="!studies.length" class="quiet">
      Keep some of a sample back, cup it again week by week, and see when it falls off.
    </p>
    <ul class="studies">
      <li v-for="s in studies" :key="s.roastId">
        <div>
          <router-link class="plain" :to="`/roast/${s.roastId}`">{{ roastName(s) }}</router-link>
          <p class="quiet">{{ s.keptG }} g kept back. {{ s.text }}</p>
          <p v-if="s.nextDue">
            <b>Cup again on {{ day(s.nextDue) }}</b>
          </p>
        </div>
        <svg
          :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
          class="line"
          role="img"
          :aria-label="`Scores by day: ${s.text}`"
        >
          <line v-for="d in s.days" :key="d" :x1="x(d)" :x2="x(d)" y1="0" :y2="HEIGHT" class="due" />
          <polyline :points="line(s)" />
          <circle v-for="p in s.points" :key="p.day" :cx="x(p.day)" :cy="y(p.score)" r="3.5" />
        </svg>
        <label class="days"
          >days
          <input
            :value="s.days.join(', ')"
            :aria-label="`Days of ${roastName(s)}`"
            @change="change(s, $event)"
        /></label>
        <v-btn size="small" variant="text" @click="end(s)">End it</v-btn>
      </li>
    </ul>
    <p v-if="problem" class="ember" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
.studies {
  list-style: none;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 1.4fr 220px 190px auto;
  gap: 18px;
  align-items: center;
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
.line {
  height: 64px;
}
polyline {
  fill: none;
  stroke: var(--cup);
  stroke-width: 2;
}
circle {
  fill: var(--cup);
}
.due {
  stroke: var(--line);
  stroke-dasharray: 3 3;
}
.days input {
  min-height: var(--touch);
  width: 130px;
  padding: 0 8px;
  border: 1px solid var(--line);
  border-radius: 4px;
  background: var(--paper);
  color: var(--ink);
  font: inherit;
}
@media (max-width: 800px) {
  li {
    grid-template-columns: 1fr;
  }
}
</style>
