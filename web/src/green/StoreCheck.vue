<script setup lang="ts">
import { ref } from 'vue'
import { api, type Schemas } from '@/shared/api/client'
import { useSend } from '@/shared/api/useSend'
import NumberField from '@/shared/components/NumberField.vue'
import { degree, shownTemperature, typedTemperature } from '@/shared/format/units'
import { useDraft } from '@/shared/kept/useDraft'
import { usePreferences } from '@/shared/preferences'

/** A lot measured again while it lies in the store. */
const props = defineProps<{ lotId: number }>()
const emit = defineEmits<{ kept: [] }>()
const preferences = usePreferences()
const check = ref<Schemas['CheckEntry']>({})
const draft = useDraft(`check.${props.lotId}`, check)
const { sending, problem, said, send } = useSend()
const inUnits = (c: number | undefined, to: typeof shownTemperature) =>
  c === undefined ? undefined : to(c, preferences.units)

async function measure() {
  const { taken } = await send(() =>
    api.POST('/api/lots/{id}/store/checks', {
      params: { path: { id: props.lotId } },
      body: { ...check.value, on: check.value.on || undefined },
    }),
  )
  if (taken) {
    draft.done()
    emit('kept')
  }
}
</script>

<template>
  <form class="fields" @submit.prevent="measure">
    <v-text-field
      v-model="check.on"
      type="date"
      label="On (today when empty)"
      :error-messages="problem('on')"
    />
    <NumberField v-model="check.moisturePct" label="Moisture" unit="%" :problem="problem('moisturePct')" />
    <NumberField v-model="check.waterActivity" label="Water activity" :problem="problem('waterActivity')" />
    <v-text-field
      v-model="check.smell"
      label="Smells"
      placeholder="fresh"
      :error-messages="problem('smell')"
    />
    <NumberField
      :model-value="inUnits(check.storageC, shownTemperature)"
      label="Store"
      :unit="degree(preferences.units)"
      :problem="problem('storageC')"
      @update:model-value="(t) => (check.storageC = inUnits(t, typedTemperature))"
    />
    <NumberField v-model="check.storageRhPct" label="Humidity" unit="%" :problem="problem('storageRhPct')" />
    <v-btn type="submit" color="primary" :loading="sending">Keep it</v-btn>
    <p v-if="said()" class="ember" role="alert">{{ said() }}</p>
  </form>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 10px;
  align-items: start;
  margin-top: 10px;
}
</style>
