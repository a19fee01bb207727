<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { useGoOn } from '@/shared/useGoOn'
import BesideLater from './BesideLater.vue'
import ForetoldList from './ForetoldList.vue'
import NextLook from './NextLook.vue'
import { elsewhere } from './next'

/** The one change for the next roast, foretold, planned and proven; and what to look at where that is not known yet. */
const props = defineProps<{
  roast: Schemas['RoastView']
  finding: Schemas['FindingView']
  missing: Schemas['Missing'][]
  score?: number
}>()
const goOn = useGoOn()
const planning = ref(false)
const failure = ref<Failure>()

async function plan() {
  if (planning.value) {
    return
  }
  planning.value = true
  const result = await answer(
    api.POST('/api/roasts/{id}/trace/plan', {
      params: { path: { id: props.roast.id } },
      body: { cause: props.finding.cause },
    }),
  )
  planning.value = false
  failure.value = result.failure
  if (result.data) {
    await goOn(`/plan/${result.data.planId}`)
  }
}
</script>

<template>
  <section class="card">
    <h2 class="label mb-2">Change one thing</h2>
    <template v-if="finding.correction">
      <p class="name change">{{ finding.correction.text }}</p>
      <p class="quiet">{{ finding.correction.why }} Then cup the old and the new side by side, blind.</p>
      <p v-if="finding.correction.sizing" class="quiet">{{ finding.correction.sizing }}</p>
      <p v-for="other in finding.correction.weighed" :key="other" class="quiet">{{ other }}</p>
      <template v-if="finding.correction.change !== 'rest'">
        <ForetoldList :foretold="finding.correction.foretold" />
        <p v-if="finding.correction.curve" class="quiet">Dashed in the curve: the roast with this change.</p>
        <p class="do">
          <v-btn color="primary" :loading="planning" @click="plan">Plan it</v-btn>
          <span class="quiet">the same roast with this one change</span>
        </p>
      </template>
    </template>
    <p v-else class="name change">{{ elsewhere(finding.cause, finding.standing) }}</p>
    <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
    <BesideLater v-if="finding.correction" :roast-id="roast.id" :finding="finding" :score="score" />
    <NextLook :missing="missing" :roast="roast" />
  </section>
</template>

<style scoped>
.change {
  font-size: 1.25rem;
  line-height: 1.3;
  margin-bottom: 6px;
}
.do {
  display: flex;
  align-items: center;
  gap: 12px;
  margin-top: 10px;
}
</style>
