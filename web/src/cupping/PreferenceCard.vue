<script setup lang="ts">
import { computed } from 'vue'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { plural } from '@/shared/format/text'

/** What people liked: every sample by its mean place, and whether there is a winner at all. */
const props = defineProps<{ id: number; names: Record<string, string>; reason?: string }>()
const loaded = useLoad(() =>
  answer(api.GET('/api/cuppings/{id}/preference', { params: { path: { id: props.id } } })),
)
const liked = computed(() => loaded.data.value)
const ordered = computed(() => liked.value?.choice === 'order')
const best = computed(() =>
  (liked.value?.votes ?? [])
    .map((v) => ({
      ...v,
      name: props.names[v.code] ?? v.code,
      mean: (liked.value!.rankSums.find((r) => r.code === v.code)?.sum ?? 0) / Math.max(1, liked.value!.n),
    }))
    .sort((a, b) => (ordered.value ? a.mean - b.mean : b.votes - a.votes)),
)
const percent = (share: number) => Math.round(100 * share)
const PARTY: Record<string, string> = { house: 'Of this house', guest: 'Guests', trade: 'The trade' }
const verdict = (right?: boolean) => (right === undefined ? '' : right ? '✓' : '✗')
/** How far along from the first place to the last. */
const left = (mean: number) => `${(100 * (mean - 1)) / Math.max(1, best.value.length - 1)}%`
const chance = (p: number) => (p < 0.001 ? 'under 0.1 %' : `${(100 * p).toFixed(1)} %`)
</script>

<template>
  <section v-if="liked" class="card liked" aria-labelledby="liked-title">
    <h2 id="liked-title">What {{ plural(liked.n, 'person', 'people') }} liked</h2>
    <p class="said">{{ liked.text }}</p>
    <p v-if="reason" class="quiet">Revealed before anybody had finished: {{ reason }}</p>
    <p v-if="liked.withoutOwn">
      {{ plural(liked.own, 'person', 'people') }} put their own entry first. Without them:
      {{ liked.withoutOwn }}
    </p>
    <div class="table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>Sample</th>
            <th v-if="ordered" class="places"><span>first</span><span>last</span></th>
            <th v-if="ordered" class="num">Mean place</th>
            <th class="num">Best for</th>
            <th class="num">Share of people, 95 %</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="s in best" :key="s.code">
            <td>{{ s.code }} · {{ s.name }}</td>
            <td v-if="ordered">
              <div class="line"><span class="dot" :style="{ left: left(s.mean) }" /></div>
            </td>
            <td v-if="ordered" class="num">
              <b>{{ s.mean.toFixed(2) }}</b>
            </td>
            <td class="num">{{ s.votes }}</td>
            <td class="num">{{ percent(s.lower) }} to {{ percent(s.upper) }} %</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-if="ordered" class="quiet">Counting each person’s best alone: {{ liked.voted }}</p>
    <section v-if="liked.parties.length > 1" aria-labelledby="parties-title">
      <h3 id="parties-title">Apart</h3>
      <p v-for="p in liked.parties" :key="p.party">
        <b>{{ PARTY[p.party] }}</b> ({{ p.people }}): {{ p.text }}
      </p>
    </section>
    <div v-if="liked.guesses.length" class="table-scroll">
      <table class="plain pairs">
        <thead>
          <tr>
            <th>Guessed from the green</th>
            <th>Origin</th>
            <th>Process</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="g in liked.guesses" :key="g.cupper">
            <td>{{ g.cupper }}</td>
            <td>{{ g.origin }} {{ verdict(g.originRight) }}</td>
            <td>{{ g.process }} {{ verdict(g.processRight) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <dl v-if="liked.p !== undefined" class="figures">
      <dt>Chance of such agreement where nobody prefers any (Friedman)</dt>
      <dd>{{ chance(liked.p) }}</dd>
      <dt>Same order (Kendall’s W)</dt>
      <dd>{{ liked.kendallW?.toFixed(2) }}</dd>
    </dl>
    <div v-if="liked.pairs.length" class="table-scroll">
      <table class="plain pairs">
        <thead>
          <tr>
            <th>Pair</th>
            <th class="num">Chance, after correction (Holm)</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="p in liked.pairs" :key="p.a + p.b">
            <td>{{ names[p.a] }} and {{ names[p.b] }}</td>
            <td class="num">{{ chance(p.p) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.liked {
  display: grid;
  gap: 12px;
  margin-top: 16px;
}
.said {
  font-weight: 600;
  max-width: 76ch;
}
.places {
  width: 36%;
  min-width: 180px;
}
.places span:last-child {
  float: right;
}
.line {
  position: relative;
  height: 18px;
  margin: 0 9px;
  border-bottom: 1px solid var(--line);
}
.dot {
  position: absolute;
  bottom: -8px;
  width: 16px;
  height: 16px;
  border-radius: 50%;
  transform: translateX(-50%);
  background: var(--cup);
}
.pairs {
  max-width: 760px;
}
</style>
