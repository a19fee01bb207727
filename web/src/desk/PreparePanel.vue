<script setup lang="ts">
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { useDebounceFn } from '@vueuse/core'
import type { Schemas } from '@/shared/api/client'
import { clock } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import NumberField from '@/shared/components/NumberField.vue'
import ReadButton from '@/device/ReadButton.vue'
import ProtocolSteps from './ProtocolSteps.vue'

/** Before the charge: the steps between two batches, the weight, and whether the drum is ready. */
const props = defineProps<{ state: Schemas['DeskState'] }>()
const emit = defineEmits<{
  step: [index: number]
  charge: []
  weighed: [greenG: number]
  warmUp: [yes: boolean]
  cancel: []
}>()
const preferences = usePreferences()

const CALLS: Record<string, { says: string; tone: string }> = {
  'charge-now': { says: 'Charge now', tone: 'ready' },
  wait: { says: 'Wait', tone: '' },
  'too-hot': { says: 'Too hot: let it fall', tone: 'hot' },
  'no-reading': { says: 'No reading from the bean probe', tone: 'hot' },
}
const call = computed(() => CALLS[props.state.gate?.call ?? 'wait']!)
const t = (c?: number) => (c === undefined ? '–' : preferences.temperatureText(c))

const said = ref('')

const RESTS_MS = 700
/** What stands in the field: what the server has, until something else is typed. */
const greenG = ref(props.state.batch?.greenG)
const typing = ref(false)
watch(
  () => props.state.batch?.greenG,
  (g) => {
    greenG.value = typing.value ? greenG.value : g
  },
)
const sendLater = useDebounceFn(sendWeight, RESTS_MS)
watch(greenG, (g) => {
  typing.value = g !== props.state.batch?.greenG
  if (typing.value) {
    void sendLater()
  }
})
function sendWeight() {
  if (typing.value && greenG.value !== undefined) {
    emit('weighed', greenG.value)
  }
  typing.value = false
}
onBeforeUnmount(sendWeight)
</script>

<template>
  <div class="prepare">
    <section class="card gate" :class="call.tone" aria-live="polite">
      <p class="call">{{ call.says }}</p>
      <p v-if="state.gate?.inS !== undefined" class="quiet">about {{ clock(state.gate.inS) }} to go</p>
      <dl>
        <div>
          <dt>bean</dt>
          <dd class="big">{{ t(state.gate?.beanC) }}</dd>
          <dd class="quiet">wanted {{ t(state.gate?.beanFromC) }} to {{ t(state.gate?.beanToC) }}</dd>
        </div>
        <div>
          <dt>environment</dt>
          <dd class="big">{{ t(state.gate?.environmentC ?? state.figures.environmentC) }}</dd>
          <dd v-if="state.gate?.environmentFromC !== undefined" class="quiet">
            usually {{ t(state.gate.environmentFromC) }} to {{ t(state.gate.environmentToC) }}
          </dd>
        </div>
      </dl>
      <p class="caution">
        Hot metal and open flame: from the charge on never leave the roaster. Chaff collector emptied? Chaff
        and dust in the ducts burn: have them cleaned as the maker says. Know where the burner is shut off,
        and the site’s fire plan. Smell of gas: touch no switch, shut the valve if you can reach it safely,
        leave, and call for help.
      </p>
    </section>
    <section class="card">
      <h2>
        Between batches
        <span class="quiet">{{ clock(state.protocol?.elapsedS ?? 0) }}</span>
      </h2>
      <ProtocolSteps v-if="state.protocol" :protocol="state.protocol" @step="emit('step', $event)" />
      <div class="weigh">
        <NumberField v-model="greenG" label="Weighed in" unit="g" @focusout="sendWeight" />
        <ReadButton
          kind="scale"
          what="the scale"
          @value="(g: number) => emit('weighed', g)"
          @said="(text: string) => (said = text)"
        />
        <v-btn variant="text" @click="emit('cancel')">Not this one</v-btn>
      </div>
      <v-checkbox
        :model-value="state.batch?.warmUp"
        label="The day’s warm-up: kept, and it teaches nothing"
        hide-details
        density="compact"
        @update:model-value="emit('warmUp', !!$event)"
      />
      <p v-if="said" class="quiet" role="status">{{ said }}</p>
    </section>
  </div>
</template>

<style scoped>
.prepare {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
}
.call {
  font-family: var(--serif);
  font-size: clamp(2.4rem, 5vw, 4rem);
  line-height: 1.1;
}
.gate {
  border-width: 2px;
}
.ready {
  border-color: var(--moss);
}
.ready .call {
  color: var(--moss);
}
.hot {
  border-color: var(--ember);
}
.hot .call {
  color: var(--ember);
}
dl {
  display: flex;
  gap: 36px;
  margin: 20px 0;
  flex-wrap: wrap;
}
.big {
  font-size: 2.2rem;
  font-weight: 650;
  font-variant-numeric: tabular-nums;
}
.caution {
  border-top: 1px solid var(--line);
  padding-top: 12px;
  color: var(--ink-2);
}
.weigh {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-top: 16px;
}
.weigh > :first-child {
  max-width: 160px;
}
@media (max-width: 900px) {
  .prepare {
    grid-template-columns: 1fr;
  }
}
</style>
