<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { parseDecimal } from '@/shared/format/text'

/** A number with its unit. A decimal comma is as good as a point; what is no number is said at once. */
const props = defineProps<{
  label: string
  unit?: string
  problem?: string
  whole?: boolean
  hint?: string
  /** The label is for the ear only, where the place says it to the eye. */
  bare?: boolean
}>()
const value = defineModel<number | undefined>()
const emit = defineEmits<{ valid: [boolean] }>()

const text = ref(value.value === undefined ? '' : String(value.value))

function read(raw: string): number | undefined {
  const n = parseDecimal(raw)
  return n !== undefined && props.whole && !Number.isInteger(n) ? undefined : n
}

const wrong = computed(() => {
  if (text.value.trim() === '' || read(text.value) !== undefined) {
    return undefined
  }
  return `“${text.value.trim()}” is not a ${props.whole ? 'whole number' : 'number'}`
})

watch(text, (raw) => {
  value.value = raw.trim() === '' ? undefined : read(raw)
  emit('valid', wrong.value === undefined)
})
watch(value, (n) => {
  if (n !== read(text.value) && !(n === undefined && wrong.value)) {
    text.value = n === undefined ? '' : String(n)
  }
})
</script>

<template>
  <v-text-field
    v-model="text"
    :label="bare ? undefined : label"
    :aria-label="bare ? label : undefined"
    :suffix="unit"
    :hint="hint"
    :persistent-hint="!!hint"
    :error-messages="wrong ?? problem ?? []"
    inputmode="decimal"
    autocomplete="off"
  />
</template>
