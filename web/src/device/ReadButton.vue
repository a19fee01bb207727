<script setup lang="ts">
import { ref } from 'vue'
import { answer, api } from '@/shared/api/client'
import { useMeters } from './useMeters'

/** Reads an instrument into a field. A figure that stood there can be had back; typing always works. */
const props = defineProps<{ kind: 'scale' | 'moisture' | 'colour'; what: string; now?: number }>()
const emit = defineEmits<{ value: [number]; said: [string] }>()
const meters = useMeters()
const reading = ref(false)
const before = ref<number>()

async function read() {
  reading.value = true
  emit('said', '')
  const result = await answer(
    api.POST('/api/instruments/{kind}/reading', { params: { path: { kind: props.kind } } }),
  )
  reading.value = false
  if (result.data?.value !== undefined) {
    before.value = props.now !== result.data.value ? props.now : undefined
    emit('value', result.data.value)
  } else {
    emit('said', result.data?.text ?? result.failure?.message ?? '')
  }
}
function back() {
  emit('value', before.value!)
  before.value = undefined
}
</script>

<template>
  <span v-if="meters.has(kind)" class="read-button">
    <v-btn variant="outlined" :loading="reading" :aria-label="`Read ${what}`" @click="read">Read</v-btn>
    <v-btn v-if="before !== undefined" variant="text" :aria-label="`Undo: back to ${before}`" @click="back"
      >Undo, was {{ before }}</v-btn
    >
  </span>
</template>

<style scoped>
.read-button {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  align-items: start;
}
.read-button .v-btn {
  min-height: var(--touch);
  height: 56px;
  padding: 0 10px;
}
</style>
