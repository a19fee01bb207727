<script setup lang="ts">
import { computed, onMounted, shallowRef } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'

/** A serial line to a roaster. The ports of the computer that Barrowmist runs on are offered; another may be typed. */
defineProps<{ problemAt: (field: string) => string | undefined }>()
const line = defineModel<Schemas['SerialLine']>({ required: true })
const choices = shallowRef<Schemas['SerialChoices']>()
const ports = computed(() => choices.value?.ports ?? [])

async function look() {
  const result = await answer(api.GET('/api/serial-ports'))
  choices.value = result.data ?? choices.value
  if (!line.value.device && ports.value[0]) {
    line.value.device = ports.value[0].device
  }
}
onMounted(look)
</script>

<template>
  <div class="line">
    <v-combobox
      v-model="line.device"
      :items="ports.map((p) => p.device)"
      label="Serial port"
      :hint="
        ports.find((p) => p.device === line.device)?.says ??
        (choices && !ports.length ? 'none found: put the cable in, then look again' : '')
      "
      persistent-hint
      :error-messages="problemAt('link.line.device') ?? []"
    />
    <v-btn variant="outlined" @click="look">Look again</v-btn>
    <v-select
      v-model="line.baud"
      :items="choices?.bauds ?? [line.baud]"
      label="Baud"
      :error-messages="problemAt('link.line.baud') ?? []"
    />
    <v-select
      v-model="line.parity"
      :items="choices?.parities ?? [line.parity]"
      label="Parity"
      :error-messages="problemAt('link.line.parity') ?? []"
    />
    <NumberField v-model="line.stopBits" label="Stop bits" whole :problem="problemAt('link.line.stopBits')" />
  </div>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 10px;
  align-items: start;
}
.line > :deep(.v-btn) {
  min-height: 48px;
}
@media (max-width: 700px) {
  .line {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
