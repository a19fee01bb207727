<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { plural } from '@/shared/format/text'
import AgreementList from './AgreementList.vue'
import ByAttribute from './ByAttribute.vue'
import { labelOf } from '@/shared/format/words'

/** What the table showed: every cupper’s score as a dot, how far they agree, and whether an order can be said. */
const props = defineProps<{
  id: number
  names: Record<string, string>
  reason?: string
}>()
/** Of which form; that which most wrote on, until another is chosen. */
const asked = ref<Schemas['CuppingForm']>()
const loaded = useLoad(
  () =>
    answer(
      api.GET('/api/cuppings/{id}/panel', {
        params: { path: { id: props.id }, query: { form: asked.value } },
      }),
    ),
  () => asked.value ?? '',
)
const panel = computed(() => loaded.data.value)
/** Whether means are shown as they would be had every cupper begun at the same height. */
const freed = ref(false)
const freeable = computed(() => panel.value?.samples.some((s) => s.freed !== undefined) ?? false)
const mean = (s: Schemas['PanelSample']) => (freed.value ? s.freed : undefined) ?? s.mean
const best = computed(() => [...(panel.value?.samples ?? [])].sort((a, b) => mean(b) - mean(a)))
const offsets = computed(() => new Map(panel.value?.cuppers.map((c) => [c.name, c.offset]) ?? []))
/** A score as its dot is drawn: where it was given, or where it would be without the cupper's own offset. */
const drawn = (x: { cupper: string; score: number }) =>
  freed.value ? x.score - (offsets.value.get(x.cupper) ?? 0) : x.score
const words = (s: Schemas['PanelSample']) =>
  s.words
    .map((w) => `${w.word} ${w.cuppers} of ${s.scores.length || w.cuppers}, ${plural(w.cups, 'cup')}`)
    .join('; ')
const range = computed(() => {
  const all = best.value.flatMap((s) => s.scores.map(drawn))
  const low = Math.floor(Math.min(...all))
  return { low, high: Math.max(low + 1, Math.ceil(Math.max(...all))) }
})
const left = (score: number) => `${(100 * (score - range.value.low)) / (range.value.high - range.value.low)}%`
/** How many of the scores before it are the same: such dots stand on each other. */
const alike = (scores: Schemas['CupperScore'][], i: number) =>
  scores.slice(0, i).filter((x) => Math.abs(drawn(x) - drawn(scores[i]!)) < 0.05).length
</script>

<template>
  <section v-if="panel && panel.samples.length" class="card panel" aria-labelledby="panel-title">
    <h2 id="panel-title">What the table showed</h2>
    <p v-if="panel.forms.length > 1" class="forms">
      <span class="quiet">Two forms were written on; their scores make no mean together.</span>
      <v-btn-toggle
        :model-value="panel.form"
        mandatory
        density="compact"
        @update:model-value="asked = $event"
      >
        <v-btn v-for="f in panel.forms" :key="f" :value="f">{{ labelOf('CuppingForm', f) }}</v-btn>
      </v-btn-toggle>
    </p>
    <p class="said">{{ panel.text }}</p>
    <p v-if="reason" class="quiet">Revealed before everybody had finished: {{ reason }}</p>
    <v-switch
      v-if="freeable"
      v-model="freed"
      label="as if every cupper began at the same height"
      hide-details
      density="compact"
      color="primary"
    />
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
              <span v-if="s.qualityClass" class="quiet class">{{ s.qualityClass }}</span>
              <span v-if="s.faultyCups" class="ember class"
                >{{ s.faultyCups }} of {{ plural(s.cups, 'cup') }} with a taint or fault</span
              >
            </td>
            <td>
              <div class="dots">
                <span v-if="!freed" class="median" :style="{ left: left(s.median) }" />
                <span
                  v-for="(x, i) in s.scores"
                  :key="x.cupper"
                  class="dot"
                  :style="{ left: left(drawn(x)), bottom: `${2 + 9 * alike(s.scores, i)}px` }"
                  :title="`${x.cupper} ${x.score.toFixed(2)}`"
                  :aria-label="`${x.cupper} ${x.score.toFixed(2)}`"
                  role="img"
                />
              </div>
            </td>
            <td class="num">
              <b>{{ s.median.toFixed(2) }}</b>
            </td>
            <td class="num">{{ mean(s).toFixed(2) }}</td>
            <td class="num">{{ s.sd === undefined ? '' : `±${s.sd.toFixed(2)}` }}</td>
            <td>
              {{ words(s) }}
              <span v-if="s.supplierSays" class="quiet class">Supplier: {{ s.supplierSays }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-if="freed" class="quiet">
      The means are those of a model in which each score is its sample’s and its cupper’s part; what was given
      stands as it is.
    </p>
    <ByAttribute :samples="best" :names="names" :form="panel.form" />
    <AgreementList v-if="panel.cuppers.length > 1" :panel="panel" />
    <p v-if="panel.leftOut.length" class="quiet">
      Not in the agreement, because a score is missing: {{ panel.leftOut.join(', ') }}.
    </p>
    <p class="quiet">People differ in what they can taste: an offset is no fault.</p>
  </section>
</template>

<style scoped>
.forms {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 12px;
}
.panel {
  display: grid;
  gap: 10px;
  margin-top: 16px;
}
.said {
  font-weight: 600;
}
.class {
  display: block;
  font-size: 0.9rem;
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
</style>
