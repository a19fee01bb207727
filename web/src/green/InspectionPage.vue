<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, problemAt } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import KeptNote from '@/shared/kept/KeptNote.vue'
import NumberField from '@/shared/components/NumberField.vue'
import PageState from '@/shared/components/PageState.vue'
import PhotoStrip from '@/shared/components/PhotoStrip.vue'
import ReadButton from '@/device/ReadButton.vue'
import Judged from './Judged.vue'
import LimitsDialog from './LimitsDialog.vue'
import SieveCard from './SieveCard.vue'
import TallyCard from './TallyCard.vue'
import { useInspection } from './useInspection'

/** Inspection of one green sample, standing at the sorting tray: measured, sieved, counted, smelled. */
const id = Number(useRoute().params.id)
const { loaded, view, content, ready, kept, tally, untally, undo, tallied, unreadable } = useInspection(id)
const words = useLoad(() => answer(api.GET('/api/green-words')))
const said = ref('')
const limits = ref(false)

const judgements = computed(() => view.value?.judgements ?? [])
const stops = computed(() => judgements.value.filter((j) => j.verdict === 'stop'))
const at = (field: string) => problemAt(kept.failure.value, field)
const note = (field: string, valid: boolean) => {
  // the number itself is a change of its own
  if (valid ? unreadable.delete(field) : unreadable.add(field)) {
    kept.changed()
  }
}
const harvestMonth = computed({
  get: () => content.harvest?.slice(0, 7) ?? '',
  set: (month) => (content.harvest = month ? `${month}-01` : undefined),
})
</script>

<template>
  <PageState
    :loading="loaded.loading.value"
    :failure="loaded.failure.value"
    :there="ready && !!view"
    @retry="loaded.reload"
  >
    <template v-if="view">
      <div class="page-head">
        <h1>{{ view.sample.lotName }}</h1>
        <span class="quiet">
          {{ view.sample.stage }} sample · {{ view.sample.process }} ·
          <router-link class="plain" :to="`/green/${view.sample.lotId}`">the lot</router-link>
        </span>
        <KeptNote :kept="kept" @theirs="loaded.reload" />
        <span class="spacer" />
        <v-btn variant="text" to="/instruments">Instruments</v-btn>
        <v-btn variant="text" @click="limits = true">Limits</v-btn>
        <v-btn variant="outlined" :href="`/api/green-samples/${id}/label.pdf?size=tray`" target="_blank"
          >Tray label</v-btn
        >
        <v-btn v-if="!stops.length" color="primary" :to="`/plan/new?sample=${id}`">Plan its roast</v-btn>
      </div>
      <div v-if="stops.length" class="card stopped" role="alert">
        <b>Do not roast or taste this sample.</b> {{ stops[0]!.text }}
      </div>
      <div class="inspection">
        <div class="column">
          <section class="card measured" aria-labelledby="measured-title">
            <h2 id="measured-title">Measured</h2>
            <div class="field">
              <NumberField
                v-model="content.moisturePct"
                label="Moisture"
                unit="%"
                :problem="at('moisturePct')"
                @valid="note('moisturePct', $event)"
              />
              <ReadButton
                kind="moisture"
                what="moisture from the meter"
                :now="content.moisturePct"
                @value="content.moisturePct = $event"
                @said="said = $event"
              />
            </div>
            <Judged :judgements="judgements" field="moisturePct" />
            <NumberField
              v-model="content.waterActivity"
              label="Water activity"
              :problem="at('waterActivity')"
              @valid="note('waterActivity', $event)"
            />
            <Judged :judgements="judgements" field="waterActivity" />
            <div class="density">
              <NumberField
                v-model="content.cupMassG"
                label="Filled cup, net"
                unit="g"
                :problem="at('cupMassG')"
                @valid="note('cupMassG', $event)"
              />
              <ReadButton
                kind="scale"
                what="the filled cup from the scale"
                :now="content.cupMassG"
                @value="content.cupMassG = $event"
                @said="said = $event"
              />
              <NumberField
                v-model="content.cupVolumeMl"
                label="Cup holds"
                unit="mL"
                :problem="at('cupVolumeMl')"
                @valid="note('cupVolumeMl', $event)"
              />
              <NumberField
                v-model="content.densityGPerL"
                label="or density"
                unit="g/L"
                :problem="at('densityGPerL')"
                @valid="note('densityGPerL', $event)"
              />
            </div>
            <p v-if="view.densityGPerL !== undefined" class="sum">
              Density <b>{{ view.densityGPerL.toFixed(0) }} g/L</b>
            </p>
            <Judged :judgements="judgements" field="densityGPerL" />
            <p v-if="said" class="ember" role="alert">{{ said }}</p>
          </section>
          <section class="card measured" aria-labelledby="seen-title">
            <h2 id="seen-title">Smelled and seen</h2>
            <v-chip-group
              v-model="content.smells"
              multiple
              column
              aria-label="Smells"
              selected-class="chosen"
            >
              <v-chip v-for="w in words.data.value?.smells" :key="w" :value="w" filter variant="outlined">{{
                w
              }}</v-chip>
            </v-chip-group>
            <Judged :judgements="judgements" field="smells" />
            <div class="seen">
              <v-select
                v-model="content.colour"
                :items="words.data.value?.colours ?? []"
                label="Colour"
                clearable
                hide-details
              />
              <v-text-field
                v-model="harvestMonth"
                type="month"
                label="Harvested"
                :error-messages="at('harvest') ?? []"
              />
            </div>
            <Judged :judgements="judgements" field="colour" />
            <Judged :judgements="judgements" field="harvest" />
            <v-text-field v-model="content.storage" label="Storage" hide-details />
            <v-checkbox
              v-model="content.mouldOrTaint"
              label="Mould seen, or chemicals smelled"
              hide-details
              color="error"
            />
            <Judged :judgements="judgements" field="mouldOrTaint" />
            <p class="caution">
              Green dust irritates and can make allergic: wear a mask and use extraction where it is handled
              in quantity. Do not taste samples that are visibly mouldy or chemically tainted.
            </p>
          </section>
        </div>
        <SieveCard
          v-model="content"
          :screens="view.screens"
          :sieves="words.data.value?.sieves ?? []"
          :judgements="judgements"
          :problem-at="at"
          @valid="note"
          @said="said = $event"
        />
        <TallyCard
          v-model="content"
          :defects="view.defects"
          :grade="view.grade"
          :can-undo="tallied.length > 0"
          :problem-at="at"
          @tally="tally"
          @untally="untally"
          @undo="undo"
          @valid="note"
        />
      </div>
      <PhotoStrip :id="id" of="green-samples" />
      <LimitsDialog v-model="limits" @saved="kept.flush" />
    </template>
  </PageState>
</template>

<style scoped>
.inspection {
  display: grid;
  grid-template-columns: minmax(300px, 1fr) minmax(360px, 1.1fr) minmax(340px, 1.1fr);
  gap: 16px;
  align-items: start;
}
.column,
.measured {
  display: grid;
  gap: 12px;
}
.field {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 10px;
}
.field .v-btn,
.density .v-btn {
  height: 56px;
}
.density {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.seen {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.sum b {
  font-size: 1.15rem;
}
.stopped {
  border-color: var(--ember);
  color: var(--ember);
  margin-bottom: 16px;
}
.chosen {
  background: var(--band);
  border-color: var(--moss);
}
@media (max-width: 1150px) {
  .inspection {
    grid-template-columns: 1fr 1fr;
  }
  .inspection > .tally {
    grid-column: 1 / -1;
  }
}
@media (max-width: 760px) {
  .inspection {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
