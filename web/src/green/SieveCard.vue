<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import ReadButton from '@/device/ReadButton.vue'
import Judged from './Judged.vue'
import type { Content } from './inspection'

/** The stack of sieves: grams on each, its share as a bar, and what they come to. */
const props = defineProps<{
  screens?: Schemas['ScreenAnalysis']
  /** The stack, largest first. */
  sieves: Schemas['SieveView'][]
  judgements: Schemas['GreenJudgement'][]
  problemAt: (field: string) => string | undefined
}>()
const content = defineModel<Content>({ required: true })
const emit = defineEmits<{ valid: [field: string, valid: boolean]; said: [string] }>()

/** Beans that fell through all of them are kept as those of sieve 0. */
const PAN = 0
const stack = computed<{ s: number; mm?: number }[]>(() => [
  ...props.sieves.map((x) => ({ s: x.screen, mm: x.mm })),
  { s: PAN },
])
const shares = computed(() => new Map(props.screens?.shares.map((s) => [s.screen, s.pct])))
const highest = computed(() => Math.max(1, ...shares.value.values()))
const name = (s: number) => (s === PAN ? 'pan' : s)
const below = (s: number) => content.value.contractScreen !== undefined && s < content.value.contractScreen
</script>

<template>
  <section class="card sieves" aria-labelledby="sieves-title">
    <h2 id="sieves-title">Sieves</h2>
    <div class="pair">
      <NumberField
        v-model="content.sieveSampleG"
        label="Put on the sieves"
        unit="g"
        :problem="problemAt('sieveSampleG')"
        @valid="emit('valid', 'sieveSampleG', $event)"
      />
      <ReadButton
        kind="scale"
        what="the sample from the scale"
        @value="content.sieveSampleG = $event"
        @said="emit('said', $event)"
      />
      <NumberField
        v-model="content.contractScreen"
        label="Contracted screen"
        whole
        :problem="problemAt('contractScreen')"
        @valid="emit('valid', 'contractScreen', $event)"
      />
    </div>
    <div class="stack">
      <div v-for="{ s, mm } in stack" :key="s" class="sieve" :class="{ below: below(s) }">
        <span class="hole">
          <b>{{ name(s) }}</b>
          <small v-if="s !== PAN">{{ mm?.toFixed(2) }} mm</small>
          <small v-else>below</small>
        </span>
        <NumberField
          v-model="content.sieves![s]"
          :label="s === PAN ? 'In the pan' : `On screen ${s}`"
          unit="g"
          bare
          density="compact"
          hide-details="auto"
          :problem="problemAt(`sieves.${s}`)"
          @valid="emit('valid', `sieves.${s}`, $event)"
        />
        <span class="bar" aria-hidden="true">
          <i :style="{ width: `${(100 * (shares.get(s) ?? 0)) / highest}%` }" />
        </span>
        <span class="pct">{{ shares.has(s) ? `${shares.get(s)!.toFixed(1)} %` : '' }}</span>
      </div>
    </div>
    <p v-if="screens" class="sum">
      Mean screen <b>{{ screens.meanScreen.toFixed(1) }}</b> ({{ screens.meanMm.toFixed(2) }} mm)
      <template v-if="screens.belowContractPct !== undefined">
        · below the contract <b>{{ screens.belowContractPct.toFixed(1) }} %</b>
      </template>
    </p>
    <Judged :judgements="judgements" field="sieves" />
    <Judged :judgements="judgements" field="contractScreen" />
    <Judged :judgements="judgements" field="spread" />
  </section>
</template>

<style scoped>
.sieves {
  display: grid;
  gap: 10px;
  align-content: start;
}
.pair {
  display: grid;
  grid-template-columns: 1fr auto 1fr;
  gap: 10px;
  align-items: start;
}
.pair .v-btn {
  height: 56px;
}
.stack {
  display: grid;
  gap: 4px;
}
.sieve {
  display: grid;
  grid-template-columns: 84px 112px 1fr 62px;
  gap: 12px;
  align-items: center;
}
.hole b {
  display: inline-block;
  min-width: 28px;
}
.hole small {
  color: var(--ink-2);
  font-size: 0.8125rem;
}
.bar {
  height: 16px;
}
.bar i {
  display: block;
  height: 100%;
  background: var(--green);
  border-radius: 0 3px 3px 0;
}
.below .bar i {
  background: var(--bench);
}
.pct {
  text-align: right;
}
@media (max-width: 560px) {
  .sieve {
    grid-template-columns: 74px 1fr 54px;
  }
  .bar {
    display: none;
  }
}
</style>
