<script setup lang="ts">
import { computed, ref } from 'vue'
import { baseOf, controlUnit, type Control } from '@/shared/format/controls'
import { parseDecimal } from '@/shared/format/text'
import { useControls } from '@/shared/useControls'
import { vFocus } from '@/shared/keyboard/vFocus'

/** Where a control stands that neither the roaster nor a plan tells: it is asked for, not guessed. */
const props = defineProps<{ control: Control }>()
const emit = defineEmits<{ stands: [value: number]; done: [] }>()
const controls = useControls()
const range = computed(() => controls.ranges.value[props.control])
const text = ref('')
const wrong = ref(false)

function send() {
  const n = parseDecimal(text.value)
  wrong.value = n === undefined
  if (n !== undefined) {
    emit('stands', baseOf(n, range.value))
    emit('done')
  }
}
</script>

<template>
  <form class="card lever" @submit.prevent="send">
    <v-text-field
      v-model="text"
      v-focus
      :label="`Where the ${control} stands now, ${controlUnit(control, range)}`"
      inputmode="decimal"
      :error-messages="wrong ? ['That is not a number'] : []"
      @keydown.esc="emit('done')"
    />
    <v-btn type="submit" color="primary">Keep</v-btn>
  </form>
</template>

<style scoped>
.lever {
  display: flex;
  gap: 12px;
}
</style>
