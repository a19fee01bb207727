<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'

/** A serial line to a roaster. The ports of the computer that Barrowmist runs on are offered; another may be typed. */
defineProps<{ problemAt: (field: string) => string | undefined }>()
const line = defineModel<Schemas['Line']>({ required: true })
const ports = ref<Schemas['SerialPortView'][]>([])
const looked = ref(false)

const BAUDS = [1200, 2400, 4800, 9600, 19200, 38400, 57600, 115200]
const PARITIES = ['even', 'odd', 'none']

async function look() {
  const result = await answer(api.GET('/api/serial-ports'))
  ports.value = result.data ?? []
  looked.value = true
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
        (looked && !ports.length ? 'none found: put the cable in, then look again' : '')
      "
      persistent-hint
      :error-messages="problemAt('link.line.device') ?? []"
    />
    <v-btn variant="outlined" @click="look">Look again</v-btn>
    <v-select
      v-model="line.baud"
      :items="BAUDS"
      label="Baud"
      :error-messages="problemAt('link.line.baud') ?? []"
    />
    <v-select
      v-model="line.parity"
      :items="PARITIES"
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
