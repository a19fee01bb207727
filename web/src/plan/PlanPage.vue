<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, type Failure } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import RoastChart from '@/shared/chart/RoastChart.vue'
import { provideControls } from '@/shared/useControls'
import { bandOf } from '@/shared/chart/band'
import KeptNote from '@/shared/kept/KeptNote.vue'
import PageState from '@/shared/components/PageState.vue'
import RemoveThing from '@/shared/components/RemoveThing.vue'
import { useKeys } from '@/shared/keyboard/useKeys'
import ChargeCard from './ChargeCard.vue'
import ControlsCard from './ControlsCard.vue'
import FiguresCard from './FiguresCard.vue'
import ApproveCard from './ApproveCard.vue'
import RepeatabilityCard from './RepeatabilityCard.vue'
import TargetsCard from './TargetsCard.vue'
import TranslateDialog from './TranslateDialog.vue'
import { bandAims } from './plan'
import { useFinder } from './useFinder'
import { usePlan } from './usePlan'

/** One plan: charge and controls as sliders, and at once what the roaster would make of them. */
const id = Number(useRoute().params.id)
const { plan, content, prediction, refused, kept, tried, wording, replace, undo, changed, predict } =
  usePlan(id)
const machines = useLoad(() => answer(api.GET('/api/machines')))
const schools = useLoad(() => answer(api.GET('/api/schools')))
const machine = computed(() => machines.data.value?.find((m) => m.id === plan.data.value?.machineId))
provideControls(() => machine.value?.settings)

const failure = shallowRef<Failure>()
const { searching, found, find, takeBack } = useFinder({ wording, tried, replace, undo }, failure)
const translating = ref(false)
const band = computed(() =>
  content.value && prediction.value?.analysis ? bandOf(bandAims(content.value, prediction.value)) : [],
)

useKeys([{ key: 'f', does: 'fit to targets: the smallest change that reaches them', run: find }])
</script>

<template>
  <PageState
    :loading="plan.loading.value"
    :failure="plan.failure.value"
    :there="!!plan.data.value && !!content && !!machine"
    @retry="plan.reload"
  >
    <template v-if="plan.data.value && content && machine">
      <div class="page-head">
        <h1>{{ plan.data.value.lotName }}</h1>
        <span class="quiet">
          {{ plan.data.value.process }}, {{ plan.data.value.stage }} sample · plan for
          <router-link class="plain" :to="`/machines/${machine.id}`">{{ machine.name }}</router-link>
        </span>
        <KeptNote :kept="kept" @theirs="plan.reload" />
        <span class="spacer" />
        <RemoveThing :id="id" kind="plans" what="this plan" after="/plan" />
        <v-btn variant="outlined" :disabled="!changed" @click="takeBack">Undo</v-btn>
        <v-btn variant="outlined" @click="translating = true">Adapt…</v-btn>
        <v-btn color="primary" :loading="searching" :disabled="!prediction?.curve" @click="find"
          >Fit to targets</v-btn
        >
      </div>
      <div v-if="found" class="card found" role="status">
        <p>
          <b v-if="found.reached">All targets are reached.</b>
          <b v-else class="ember">Not every target can be reached.</b>
          {{ found.changes.length ? '' : 'Nothing needed to change.' }}
        </p>
        <ul>
          <li v-for="c in found.changes" :key="c">{{ c }}</li>
          <li v-for="m in found.missed" :key="m" class="ember">{{ m }}</li>
        </ul>
      </div>
      <p v-if="content.changed" class="card one">
        <b>One change</b> from
        <router-link class="plain" :to="`/trace/${content.changed.roastId}`">an earlier roast</router-link>:
        {{ content.changed.text }}
        <span class="quiet">Leave the rest as it is, or the cup will not say what helped.</span>
      </p>
      <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
      <div class="plan">
        <div class="left">
          <ChargeCard
            :green-sample-id="plan.data.value.greenSampleId"
            :machine-id="machine.id"
            :green-g="content.greenG"
            :charge-c="content.chargeC"
            @take="content.chargeC = $event"
          />
          <ControlsCard v-model="content" :settings="machine.settings" />
        </div>
        <div class="right">
          <section class="card">
            <RoastChart
              v-if="prediction?.curve && prediction.analysis"
              :curve="prediction.curve"
              :analysis="prediction.analysis"
              :events="prediction.events"
              :band="band"
              :height="330"
            />
            <div v-else-if="prediction" class="none">
              <p>{{ prediction.usual ? 'No curve is drawn, for what follows.' : prediction.doubts[0] }}</p>
              <v-btn color="primary" :to="`/machines/${machine.id}`">To its model</v-btn>
              <v-btn variant="outlined" @click="predict">Look again</v-btn>
            </div>
            <p v-if="refused" class="ember" role="alert">
              <template v-if="refused.problems.length"
                >{{ refused.problems.map((p) => p.message).join('. ') }}.</template
              >
              <template v-else>{{ refused.message }}</template>
            </p>
            <template v-if="prediction?.available">
              <p v-if="!prediction.trusted && !prediction.usual" class="ember doubt">
                <b>Not to be trusted</b>, for what follows.
              </p>
              <p v-if="prediction.outside">
                {{ prediction.outside }} <b>Fit to targets</b> looks for moves that reach them.
              </p>
              <p v-for="d in prediction.doubts" :key="d" class="quiet">{{ d }}</p>
            </template>
          </section>
          <section v-if="prediction?.available" class="card table-scroll">
            <FiguresCard :prediction="prediction" />
          </section>
          <TargetsCard
            v-model="content"
            :schools="schools.data.value?.schools ?? []"
            @schools="schools.reload"
          />
        </div>
      </div>
      <RepeatabilityCard class="mt-4" :plan-id="plan.data.value!.id" />
      <ApproveCard class="mt-4" :plan-id="plan.data.value!.id" />
      <p class="caution mt-4">
        Before you pre-heat: hot metal, open flame, gas. Empty the chaff collector. Never leave a roast alone.
        Know where the burner is shut off and what the site’s fire plan says. Follow the machine’s manual,
        local codes and licensed people for gas, electricity and ventilation.
      </p>
      <TranslateDialog v-model="translating" :plan="plan.data.value" :content="content" :wording="wording" />
    </template>
  </PageState>
</template>

<style scoped>
.plan {
  display: grid;
  grid-template-columns: minmax(360px, 0.85fr) minmax(480px, 1.5fr);
  gap: 16px;
  align-items: start;
}
.left,
.right {
  display: grid;
  gap: 16px;
}
.found {
  margin-bottom: 16px;
}
.found ul {
  columns: 2;
  padding-left: 20px;
}
.none {
  display: grid;
  gap: 12px;
  justify-items: start;
  padding: 20px 0;
}
.doubt {
  margin-top: 6px;
}
@media (max-width: 1000px) {
  .plan {
    grid-template-columns: minmax(0, 1fr);
  }
  .right {
    grid-row: 1;
  }
  .found ul {
    columns: 1;
  }
}
.one {
  padding: 10px 16px;
  margin-bottom: 12px;
  border-left: 4px solid var(--ember);
}
</style>
