<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { useSend } from '@/shared/api/useSend'
import NumberField from '@/shared/components/NumberField.vue'
import { one } from '@/shared/format/text'
import { useDraft } from '@/shared/kept/useDraft'

/** A blend thought through: what its parts suggest, whether they are roasted together, and how much green it takes. */
const lots = useLoad(() => answer(api.GET('/api/lots')))
const form = ref<{ parts: Schemas['BlendPart'][]; kg?: number }>({
  parts: [{ share: 60 }, { share: 40 }],
  kg: 10,
})
useDraft('blend', form)
const view = ref<Schemas['BlendView']>()
const { sending, failure, problem, send } = useSend()
const sum = computed(() => form.value.parts.reduce((s, p) => s + (p.share ?? 0), 0))

async function think() {
  view.value = (await send(() => api.POST('/api/blends', { body: form.value }))).data
}
</script>

<template>
  <div class="page-head">
    <h1>Blend</h1>
    <span class="quiet">an estimate from its parts: only the cup of the trial tells</span>
    <span class="spacer" />
    <v-btn variant="text" to="/decision">To the decisions</v-btn>
  </div>
  <form class="card" @submit.prevent="think">
    <div v-for="(p, i) in form.parts" :key="i" class="part">
      <v-select
        v-model="p.lotId"
        :items="(lots.data.value ?? []).map((l) => ({ value: l.id, title: l.name }))"
        :label="`Part ${i + 1}`"
        hide-details
      />
      <NumberField v-model="p.share" label="Share" unit="%" />
      <v-btn v-if="form.parts.length > 2" variant="text" @click="form.parts.splice(i, 1)">Take it out</v-btn>
    </div>
    <div class="part">
      <v-btn v-if="form.parts.length < 8" variant="text" @click="form.parts.push({})">One more part</v-btn>
      <NumberField v-model="form.kg" label="Roasted, in all" unit="kg" :problem="problem('kg')" />
      <span :class="sum === 100 ? 'quiet' : 'ember'">{{ one(sum) }} % in all</span>
    </div>
    <p v-if="failure" class="ember" role="alert">{{ problem('parts') ?? failure.message }}</p>
    <v-btn type="submit" color="primary" :loading="sending">What would it be?</v-btn>
  </form>
  <section v-if="view" class="card">
    <h2>
      <template v-if="view.score !== undefined">About {{ view.score.toFixed(2) }} points</template>
      <template v-else>No score: a part of it was never cupped</template>
    </h2>
    <p v-if="view.colourGround !== undefined">Ground colour about {{ one(view.colourGround) }}.</p>
    <p>
      <span v-for="w in view.words.slice(0, 10)" :key="w.word" class="word"
        >{{ w.word }} <span class="quiet">{{ Math.round(100 * w.share) }} %</span></span
      >
    </p>
    <p v-for="w in view.why" :key="w" :class="{ ember: view.apart }">{{ w }}</p>
    <p v-for="n in view.needed" :key="n.name">
      <b>{{ n.name }}</b>: {{ one(n.roastedKg) }} kg roasted<template v-if="n.greenKg !== undefined"
        >, {{ one(n.greenKg) }} kg green</template
      ><span v-else class="quiet">, weight loss not known yet</span>
    </p>
    <p class="quiet">
      Roast the trial, weigh the parts together, and lay it blind beside them: Cupping takes it as a coffee
      without a log.
    </p>
    <v-btn variant="outlined" to="/cupping">Lay the trial</v-btn>
  </section>
</template>

<style scoped>
.part {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr) auto;
  gap: 10px;
  align-items: center;
  margin-bottom: 8px;
}
.card {
  margin-bottom: 14px;
}
.word {
  margin-right: 14px;
}
</style>
