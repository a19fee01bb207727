<script setup lang="ts">
import ReadButton from '@/device/ReadButton.vue'
import NumberField from '@/shared/components/NumberField.vue'

/** A figure that is typed, or read from an instrument. */
defineProps<{ label: string; unit?: string; kind: 'scale' | 'colour'; what: string; problem?: string }>()
const emit = defineEmits<{ valid: [valid: boolean]; said: [text: string] }>()
const value = defineModel<number>()
</script>

<template>
  <div class="read">
    <NumberField
      v-model="value"
      :label="label"
      :unit="unit"
      :problem="problem"
      @valid="emit('valid', $event)"
    />
    <ReadButton :kind="kind" :what="what" :now="value" @value="value = $event" @said="emit('said', $event)" />
  </div>
</template>

<style scoped>
.read {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
}
</style>
