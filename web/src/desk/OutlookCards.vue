<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { clock } from '@/shared/format/text'
import { degree, shownTemperature } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'
import { useControls } from '@/shared/useControls'
import FigureLines from './FigureLines.vue'
import KeyButton from './KeyButton.vue'
import SoFar from './SoFar.vue'

/** What is to be done next, what is to be warned of, what is coming, and what was. */
const props = defineProps<{ state: Schemas['DeskState']; seen?: boolean }>()
const emit = defineEmits<{ later: []; seen: []; done: [control: string, value: number] }>()
const preferences = usePreferences()
const controls = useControls()

/** The roast runs on past its drop: this is said alone, and cannot be put away. */
const overrun = computed(() => !!props.state.warning?.overrun)
const SOON_S = 60
const next = computed(() => props.state.next)
const near = computed(() => next.value?.inS !== undefined && next.value.inS <= SOON_S)
const nextTitle = computed(() => {
  const n = next.value!
  const verb =
    n.control === 'gas'
      ? n.toValue < n.fromValue
        ? 'Ease the gas'
        : 'More gas'
      : n.control === 'air'
        ? 'Air'
        : 'Drum'
  if (n.inS === undefined) {
    return `${verb} ${n.when}`
  }
  return n.inS > 0 ? `${verb} in ${clock(n.inS)}` : `${verb} now`
})
const nextValues = computed(() => {
  const n = next.value!
  return `${controls.fromTo(n.control, n.fromValue, n.toValue)}, ${n.when}.`
})

const o = computed(() => props.state.outlook)
const seconds = (e?: { plusMinus: number }) => (e && e.plusMinus >= 1 ? `± ${Math.round(e.plusMinus)} s` : '')
const rows = computed(() => {
  const x = o.value
  if (!x) {
    return []
  }
  const list: [string, string, string][] = []
  if (x.dryEndS) {
    list.push(['dry end', clock(x.dryEndS.value), seconds(x.dryEndS)])
  }
  if (x.firstCrackS) {
    list.push(['first crack', clock(x.firstCrackS.value), seconds(x.firstCrackS)])
  }
  if (x.rorAtFirstCrackCPerMin) {
    list.push([
      'rate there',
      preferences.rateText(x.rorAtFirstCrackCPerMin.value),
      `± ${x.rorAtFirstCrackCPerMin.plusMinus.toFixed(1)}`,
    ])
  }
  if (x.dropS) {
    list.push([
      x.dropC
        ? `drop, ${Math.round(shownTemperature(x.dropC.value, preferences.units))} ${degree(preferences.units)}`
        : 'drop',
      clock(x.dropS.value),
      seconds(x.dropS),
    ])
  }
  if (x.developmentPct && x.developmentS) {
    list.push(['development', `${x.developmentPct.value.toFixed(1)} %`, clock(x.developmentS.value)])
  }
  return list
})
</script>

<template>
  <div class="cards">
    <section v-if="overrun" class="card to-do overrun" role="alert">
      <h2>{{ state.warning!.title }}</h2>
      <p>{{ state.warning!.says }}</p>
      <p>{{ state.warning!.answer }}</p>
    </section>
    <section v-else-if="state.warning && !seen" class="card to-do warn" role="alert">
      <h2 class="ember">{{ state.warning.title }}</h2>
      <p>{{ state.warning.says }}</p>
      <p>{{ state.warning.answer }}</p>
      <div class="row"><KeyButton :keys="['W']" @press="emit('seen')">seen</KeyButton></div>
    </section>
    <section v-else-if="next && near" class="card to-do warn" aria-live="polite">
      <h2 class="ember">{{ nextTitle }}</h2>
      <p>{{ nextValues }}</p>
      <div class="row">
        <KeyButton
          :keys="[{ gas: '↑↓', air: '←→', drum: '[ ]' }[next.control]]"
          @press="emit('done', next!.control, next!.toValue)"
          >done</KeyButton
        >
        <KeyButton :keys="['L']" @press="emit('later')">leave it out</KeyButton>
      </div>
    </section>
    <section v-else-if="next" class="card to-do">
      <h2>{{ nextTitle }}</h2>
      <p class="quiet">{{ nextValues }}</p>
    </section>
    <FigureLines
      class="knowing"
      :title="o?.planned ? 'if the plan is kept' : 'if nothing changes'"
      :lines="rows"
    >
      <p v-if="state.toldBy" class="quiet mt-2">{{ state.toldBy }}</p>
      <p v-if="state.warning && seen" class="turning ember">{{ state.warning.title }}: seen</p>
      <p v-if="state.turning" class="turning">{{ state.turning }}</p>
    </FigureLines>
    <SoFar class="knowing" :state="state" />
  </div>
</template>

<style scoped>
.cards {
  display: grid;
  gap: 12px;
  min-width: 0;
}
.card {
  padding: 12px 16px;
}
.warn {
  border-color: var(--ember);
  border-width: 2px;
}
.overrun {
  background: var(--ember);
  border-color: var(--ember);
  color: var(--paper);
}
.overrun h2 {
  font-size: 2.5rem;
  line-height: 1.1;
  color: inherit;
}
.overrun p {
  font-size: 1.125rem;
  margin-top: 8px;
}
.row {
  display: flex;
  flex-wrap: wrap;
}
.turning {
  margin-top: 6px;
  padding-top: 6px;
  border-top: 1px solid var(--line);
}
</style>
