<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, problemAt } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { roastName } from '@/shared/format/text'
import PageState from '@/shared/components/PageState.vue'
import PhotoStrip from '@/shared/components/PhotoStrip.vue'
import KeptNote from '@/shared/kept/KeptNote.vue'
import { useGoOn } from '@/shared/useGoOn'
import BeanTally from './BeanTally.vue'
import BenchLimits from './BenchLimits.vue'
import LookFields from './LookFields.vue'
import MeasuredField from './MeasuredField.vue'
import VerdictCard from './VerdictCard.vue'
import { useColourMeter } from './colourMeter'
import { useBench } from './useBench'

/** Bench figures of one roasted sample, kept as they are read and counted. What is not measured stays empty. */
const goOn = useGoOn()
const id = Number(useRoute().params.id)
const params = { params: { path: { id } } }
const roast = useLoad(() => answer(api.GET('/api/roasts/{id}', params)))

const { sample, entry, worked, kept, verdictOf, note } = useBench(id)
const { colour, shown } = useColourMeter()
const colourWhole = shown(
  computed(() => entry.value.colourWhole),
  (x) => (entry.value.colourWhole = x),
)
const colourGround = shown(
  computed(() => entry.value.colourGround),
  (x) => (entry.value.colourGround = x),
)
const broken = computed({
  get: () =>
    entry.value.oneColourThrough === undefined ? 'unknown' : entry.value.oneColourThrough ? 'one' : 'paler',
  set: (seen) => (entry.value.oneColourThrough = seen === 'unknown' ? undefined : seen === 'one'),
})
/** What the counts come to in 100 g, as the server scaled them. */
const scaled = computed(() => ({
  quakers: worked.value?.quakersPer100g,
  scorched: worked.value?.scorchedPer100g,
  tipped: worked.value?.tippedPer100g,
  shells: worked.value?.shellsPer100g,
}))
const said = ref('')
const limits = ref(false)
const at = (field: string) => problemAt(kept.failure.value, field)
async function cup() {
  await kept.flush()
  await goOn(`/cupping?roast=${id}`)
}
</script>

<template>
  <PageState
    :loading="sample.loading.value"
    :failure="roast.failure.value ?? sample.failure.value"
    :there="!!roast.data.value && !!worked"
    @retry="(roast.reload(), sample.reload())"
  >
    <template v-if="roast.data.value">
      <div class="page-head">
        <h1>{{ roastName(roast.data.value) }}</h1>
        <span class="quiet"
          >on the bench · <router-link class="plain" :to="`/roast/${id}`">its log</router-link
          ><template v-if="roast.data.value.pulledFrom">
            ·
            <router-link class="plain" :to="`/sample/${roast.data.value.pulledFrom}`"
              >its batch</router-link
            ></template
          ></span
        >
        <KeptNote :kept="kept" @theirs="sample.reload" />
        <span class="spacer" />
        <v-btn variant="outlined" @click="limits = true">Limits…</v-btn>
        <v-btn variant="outlined" :href="`/api/roasts/${id}/label.pdf`" target="_blank">Label</v-btn>
        <v-btn color="primary" @click="cup">Cup it</v-btn>
      </div>
      <VerdictCard :roast-id="id" :again="verdictOf" />
      <form class="columns" novalidate @submit.prevent="kept.flush">
        <section class="card group">
          <h2>Weight</h2>
          <MeasuredField
            v-model="entry.greenG"
            label="Weight in"
            unit="g"
            kind="scale"
            what="the weight in from the scale"
            :problem="at('greenG')"
            @valid="note('greenG', $event)"
            @said="said = $event"
          />
          <MeasuredField
            v-model="entry.roastedG"
            label="Weight out"
            unit="g"
            kind="scale"
            what="the weight out from the scale"
            :problem="at('roastedG')"
            @valid="note('roastedG', $event)"
            @said="said = $event"
          />
          <p class="result">
            <span class="label">weight loss</span>
            <b>{{
              worked?.weightLossPct === undefined
                ? 'when both are weighed'
                : `${worked.weightLossPct.toFixed(1)} %`
            }}</b>
          </p>
          <h2 class="mt-2">Colour, 0–100{{ colour.scale ? `, ${colour.scale}` : '' }}</h2>
          <p class="quiet">{{ colour.says }}</p>
          <MeasuredField
            v-model="colourWhole"
            label="Whole beans"
            kind="colour"
            what="whole beans from the colour meter"
            :problem="at('colourWhole')"
            @valid="note('colourWhole', $event)"
            @said="said = $event"
          />
          <MeasuredField
            v-model="colourGround"
            label="Ground"
            kind="colour"
            what="ground coffee from the colour meter"
            :problem="at('colourGround')"
            @valid="note('colourGround', $event)"
            @said="said = $event"
          />
          <p class="result">
            <span class="label">ground lighter by</span>
            <b>{{ worked?.colourGap === undefined ? 'when both are read' : worked.colourGap.toFixed(1) }}</b>
          </p>
        </section>
        <BeanTally
          v-model="entry.counts"
          :scaled="scaled"
          :roasted-g="entry.roastedG"
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
          <LookFields v-model="entry.look" />
        </section>
        <p v-if="said" class="ember said" role="alert">{{ said }}</p>
      </form>
      <PhotoStrip :id="id" of="roasts" />
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
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.9fr) minmax(0, 1.2fr);
  align-items: start;
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
</style>
