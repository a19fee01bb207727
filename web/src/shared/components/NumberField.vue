<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useSlip } from '@/shared/kept/slips'
import { clock as clockText, parseClock, parseDecimal } from '@/shared/format/text'

/**
 * A number with its unit. A decimal comma is as good as a point; what is no number is said at once and never sent. Where the
 * page is kept as it is typed, the value then stays what it was, and the text is still there on return.
 */
const props = defineProps<{
  label: string
  unit?: string
  problem?: string
  whole?: boolean
  hint?: string
  /** A time of the roast as m:ss; the value is in seconds. */
  clock?: boolean
  /** Names its slip where several fields of a page bear the same label. */
  slipOf?: string
  /** The label is for the ear only, where the place says it to the eye. */
  bare?: boolean
}>()
const value = defineModel<number | undefined>()
const emit = defineEmits<{ valid: [boolean] }>()

const shown = (n: number) => (props.clock ? clockText(n) : String(n))
const slip = useSlip(props.slipOf ?? props.label)
const text = ref(slip.read() ?? (value.value === undefined ? '' : shown(value.value)))
/** What it was when the field was entered. */
let before = value.value

function read(raw: string): number | undefined {
  const n = props.clock ? parseClock(raw) : parseDecimal(raw)
  return n !== undefined && props.whole && !Number.isInteger(n) ? undefined : n
}

const wrong = computed(() => {
  if (text.value.trim() === '' || read(text.value) !== undefined) {
    return undefined
  }
  const kind = props.clock ? 'time such as 9:30' : props.whole ? 'whole number' : 'number'
  return `“${text.value.trim()}” is not a ${kind}`
})

watch(text, (raw) => {
  value.value = wrong.value && slip.kept ? before : read(raw)
  slip.keep(wrong.value && raw)
  emit('valid', wrong.value === undefined)
})
if (wrong.value) {
  emit('valid', false)
}
watch(value, (n) => {
  if (n !== read(text.value) && !(wrong.value && n === (slip.kept ? before : undefined))) {
    text.value = n === undefined ? '' : shown(n)
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
    :inputmode="clock ? 'text' : 'decimal'"
    autocomplete="off"
    @focus="wrong || (before = value)"
  />
</template>
