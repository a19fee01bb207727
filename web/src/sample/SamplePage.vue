<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api, problemAt, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import ReadButton from '@/device/ReadButton.vue'
import NumberField from '@/shared/components/NumberField.vue'
import { roastName } from '@/shared/format/text'
import PageState from '@/shared/components/PageState.vue'
import BeanTally from './BeanTally.vue'
import BenchLimits from './BenchLimits.vue'
import PhotoStrip from './PhotoStrip.vue'
import VerdictCard from './VerdictCard.vue'

/** Bench figures of one roasted sample. What is not measured stays empty. */
const router = useRouter()
const id = Number(useRoute().params.id)
const params = { params: { path: { id } } }
const roast = useLoad(() => answer(api.GET('/api/roasts/{id}', params)))
const sample = useLoad(() => answer(api.GET('/api/roasts/{id}/sample', params)))

interface Entry {
  greenG?: number
  roastedG?: number
  colourWhole?: number
  colourGround?: number
  quakersPer100g?: number
  scorchedPer100g?: number
  tippedPer100g?: number
  oneColourThrough?: boolean
  shellsPer100g?: number
}
const entry = reactive<Entry>({})
const entryOf = (s: Schemas['SampleView']): Entry => ({
  greenG: s.greenG,
  roastedG: s.roastedG,
  colourWhole: s.colourWhole,
  colourGround: s.colourGround,
  quakersPer100g: s.quakersPer100g,
  scorchedPer100g: s.scorchedPer100g,
  tippedPer100g: s.tippedPer100g,
  oneColourThrough: s.oneColourThrough,
  shellsPer100g: s.shellsPer100g,
})
const broken = computed({
  get: () => (entry.oneColourThrough === undefined ? 'unknown' : entry.oneColourThrough ? 'one' : 'paler'),
  set: (seen) => (entry.oneColourThrough = seen === 'unknown' ? undefined : seen === 'one'),
})
const unreadable = reactive(new Set<string>())
const failure = ref<Failure>()
const said = ref('')
const saved = ref(false)
const saving = ref(false)
const verdictOf = ref(0)
const limits = ref(false)
const ready = ref(false)

watch(
  () => sample.data.value,
  (s) => {
    if (s) {
      Object.assign(entry, entryOf(s))
      ready.value = true
    }
  },
)
watch(entry, () => (saved.value = false))

const at = (field: string) => problemAt(failure.value, field)
const note = (field: string, valid: boolean) => (valid ? unreadable.delete(field) : unreadable.add(field))
const kept = computed(() => sample.data.value)

async function save(then?: string) {
  if (saving.value || unreadable.size) {
    return
  }
  saving.value = true
  const result = await answer(api.PUT('/api/roasts/{id}/sample', { ...params, body: { ...entry } }))
  saving.value = false
  failure.value = result.failure
  if (result.data) {
    await sample.reload()
    saved.value = true
    verdictOf.value++
    if (then) {
      await router.push(then)
    }
  }
}
</script>

<template>
  <PageState
    :loading="sample.loading.value"
    :failure="roast.failure.value ?? sample.failure.value"
    :there="!!roast.data.value && ready"
    @retry="(roast.reload(), sample.reload())"
  >
    <template v-if="roast.data.value">
      <div class="page-head">
        <h1>{{ roastName(roast.data.value) }}</h1>
        <span class="quiet"
          >on the bench · <router-link class="plain" :to="`/roast/${id}`">its log</router-link></span
        >
        <span class="spacer" />
        <v-btn variant="outlined" @click="limits = true">Limits…</v-btn>
        <v-btn variant="outlined" :href="`/api/roasts/${id}/label.pdf`" target="_blank">Label</v-btn>
      </div>
      <VerdictCard :roast-id="id" :again="verdictOf" />
      <form class="columns" novalidate @submit.prevent="save()">
        <section class="card group">
          <h2>Weight</h2>
          <div class="read">
            <NumberField
              v-model="entry.greenG"
              label="Weight in"
              unit="g"
              :problem="at('greenG')"
              @valid="note('greenG', $event)"
            />
            <ReadButton
              kind="scale"
              what="the weight in from the scale"
              @value="entry.greenG = $event"
              @said="said = $event"
            />
          </div>
          <div class="read">
            <NumberField
              v-model="entry.roastedG"
              label="Weight out"
              unit="g"
              :problem="at('roastedG')"
              @valid="note('roastedG', $event)"
            />
            <ReadButton
              kind="scale"
              what="the weight out from the scale"
              @value="entry.roastedG = $event"
              @said="said = $event"
            />
          </div>
          <p class="result">
            <span class="label">weight loss</span>
            <b>{{
              kept?.weightLossPct === undefined ? 'when both are kept' : `${kept.weightLossPct.toFixed(1)} %`
            }}</b>
          </p>
          <p class="quiet">light roasts lose about 11–13&nbsp;%</p>
        </section>
        <section class="card group">
          <h2>Colour, 0–100</h2>
          <div class="read">
            <NumberField
              v-model="entry.colourWhole"
              label="Whole beans"
              :problem="at('colourWhole')"
              @valid="note('colourWhole', $event)"
            />
            <ReadButton
              kind="colour"
              what="whole beans from the colour meter"
              @value="entry.colourWhole = $event"
              @said="said = $event"
            />
          </div>
          <div class="read">
            <NumberField
              v-model="entry.colourGround"
              label="Ground"
              :problem="at('colourGround')"
              @valid="note('colourGround', $event)"
            />
            <ReadButton
              kind="colour"
              what="ground coffee from the colour meter"
              @value="entry.colourGround = $event"
              @said="said = $event"
            />
          </div>
          <p class="result">
            <span class="label">ground lighter by</span>
            <b>{{ kept?.colourGap === undefined ? 'when both are kept' : kept.colourGap.toFixed(1) }}</b>
          </p>
          <p class="quiet">the cupping protocol asks for 58 whole and 63 ground, ±1</p>
        </section>
        <BeanTally
          v-model="entry"
          :problem-at="at"
          @valid="(field: string, valid: boolean) => note(field, valid)"
        />
        <section class="card group">
          <h2 id="broken">A bean broken open</h2>
          <v-radio-group v-model="broken" aria-labelledby="broken" hide-details>
            <v-radio label="one colour through" value="one" />
            <v-radio label="paler inside" value="paler" />
            <v-radio label="not looked at" value="unknown" />
          </v-radio-group>
        </section>
        <p v-if="said" class="ember said" role="alert">{{ said }}</p>
        <div class="actions">
          <v-btn type="submit" color="primary" :loading="saving">Keep the figures</v-btn>
          <v-btn variant="outlined" @click="save(`/cupping?roast=${id}`)">Keep, then cup it</v-btn>
          <span v-if="saved" role="status" class="quiet">Kept.</span>
          <span v-if="failure" role="alert" class="ember">{{ failure.message }}</span>
        </div>
      </form>
      <PhotoStrip :roast-id="id" />
      <BenchLimits v-model="limits" @saved="verdictOf++" />
      <p class="caution mt-4">
        Fresh roasted coffee gives off carbon monoxide, and grinding it diacetyl: keep the bench and the bins
        ventilated and follow local exposure limits.
      </p>
    </template>
  </PageState>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 16px;
}
@media (max-width: 1000px) {
  .columns {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
@media (max-width: 560px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
.group {
  display: grid;
  gap: 12px;
  align-content: start;
}
.read {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
}
.read .v-btn {
  height: 56px;
  padding: 0 10px;
}
.said {
  grid-column: 1 / -1;
}
.result {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
.result b {
  font-size: 1.2rem;
}
.actions {
  grid-column: 1 / -1;
  display: flex;
  gap: 10px;
  align-items: center;
}
</style>
