<script setup lang="ts">
import { typedTemperature } from '@/shared/format/units'
import { computed, ref } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { clock, parseDecimal } from '@/shared/format/text'
import { degree } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'
import { vFocus } from '@/shared/keyboard/vFocus'

/** A roaster without probes that can be read: temperatures are typed, and asked for every half minute. */
const props = defineProps<{ state: Schemas['DeskState'] }>()
const emit = defineEmits<{ typed: [beanC: number, environmentC: number | undefined] }>()
const preferences = usePreferences()
const bean = ref('')
const environment = ref('')
const lastS = ref<number>()
const EVERY_S = 30

const celsius = (raw: string) => {
  const n = parseDecimal(raw)
  return n === undefined ? undefined : typedTemperature(n, preferences.units)
}
const wrong = computed(() => bean.value !== '' && celsius(bean.value) === undefined)
const dueS = computed(() => (lastS.value === undefined ? 0 : lastS.value + EVERY_S - props.state.nowS))

const first = ref<{ focus: () => void }>()
/** A digit that was pressed elsewhere begins, or goes on with, the bean's temperature. */
function begin(key: string) {
  bean.value += key
  first.value?.focus()
}
defineExpose({ begin })

function send() {
  const c = celsius(bean.value)
  if (c !== undefined) {
    emit('typed', c, celsius(environment.value))
    lastS.value = props.state.nowS
    bean.value = ''
    environment.value = ''
  }
}
</script>

<template>
  <form class="card typed" @submit.prevent="send">
    <b :class="{ ember: dueS <= 0 }">{{
      dueS <= 0 ? 'Read the thermometer now' : `Next reading in ${clock(dueS)}`
    }}</b>
    <v-text-field
      ref="first"
      v-model="bean"
      v-focus
      :label="`Bean ${degree(preferences.units)}`"
      inputmode="decimal"
      :error-messages="wrong ? ['That is not a temperature'] : []"
    />
    <v-text-field
      v-model="environment"
      :label="`Environment ${degree(preferences.units)}`"
      inputmode="decimal"
    />
    <v-btn type="submit" color="primary">Keep</v-btn>
  </form>
</template>

<style scoped>
.typed {
  display: grid;
  grid-template-columns: 240px 1fr 1fr auto;
  gap: 12px;
  align-items: center;
}
@media (max-width: 700px) {
  .typed {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
