<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import { usePreferences } from '@/shared/preferences'
import { shown, typed, unitOf, type Kind } from '@/shared/format/kinds'
import type { Content } from './plan'

/** What ends the roast; the first number for it is proposed by the server, from the targets. */
const content = defineModel<Content>({ required: true })
const preferences = usePreferences()
const problem = ref('')

const DROPS = [
  { value: 'bean-c', title: 'bean temperature' },
  { value: 'development-pct', title: 'development share' },
  { value: 'development-s', title: 'seconds after first crack' },
  { value: 'over-crack-c', title: 'degrees above first crack' },
  { value: 'total-s', title: 'total seconds' },
]
const KINDS: Record<string, Kind> = {
  'bean-c': 'temperature',
  'development-pct': 'share',
  'over-crack-c': 'difference',
}
const kind = computed(() => KINDS[content.value.drop.by] ?? 'time')

async function setBy(by: Content['drop']['by']) {
  const { targets, developmentFrom } = content.value
  const result = await answer(api.POST('/api/plans/drop', { body: { by, targets, developmentFrom } }))
  problem.value = result.failure?.message ?? ''
  if (result.data) {
    content.value.drop = result.data
  }
}
function setValue(number: number | undefined) {
  const v = number === undefined ? undefined : typed(kind.value, number, preferences.units)
  if (v !== undefined && Math.abs(v - content.value.drop.value) > 1e-6) {
    content.value.drop.value = v
  }
}
</script>

<template>
  <p class="label">The roast ends at</p>
  <div class="drop">
    <v-select
      :model-value="content.drop.by"
      :items="DROPS"
      label="Drop by"
      :error-messages="problem"
      hide-details="auto"
      density="compact"
      @update:model-value="setBy"
    />
    <NumberField
      :model-value="shown(kind, content.drop.value, preferences.units)"
      label="Drop at"
      :unit="unitOf(kind, preferences.units)"
      density="compact"
      hide-details
      @update:model-value="setValue"
    />
  </div>
</template>

<style scoped>
.label {
  grid-column: 1 / -1;
}
.drop {
  display: grid;
  grid-template-columns: 1.4fr 1fr;
  gap: 8px;
}
</style>
