<script setup lang="ts">
import { ref } from 'vue'
import { answer, api } from '@/shared/api/client'

/** Reads an instrument into a field. What cannot be read is said, and typing always works. */
const props = defineProps<{ kind: 'scale' | 'moisture' | 'colour'; what: string }>()
const emit = defineEmits<{ value: [number]; said: [string] }>()
const reading = ref(false)

async function read() {
  reading.value = true
  emit('said', '')
  const result = await answer(
    api.POST('/api/instruments/{kind}/reading', { params: { path: { kind: props.kind } } }),
  )
  reading.value = false
  if (result.data?.value !== undefined) {
    emit('value', result.data.value)
  } else {
    emit('said', result.data?.text ?? result.failure?.message ?? '')
  }
}
</script>

<template>
  <v-btn variant="outlined" :loading="reading" :aria-label="`Read ${what}`" @click="read">Read</v-btn>
</template>
