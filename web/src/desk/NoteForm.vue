<script setup lang="ts">
import { ref } from 'vue'
import { vFocus } from '@/shared/keyboard/vFocus'

/** A line of words about this moment of the roast. */
const emit = defineEmits<{ note: [text: string]; done: [] }>()
const text = ref('')

function send() {
  if (text.value.trim()) {
    emit('note', text.value)
  }
  emit('done')
}
</script>

<template>
  <form class="card note" @submit.prevent="send">
    <v-text-field v-model="text" v-focus label="Note" maxlength="300" @keydown.esc="emit('done')" />
    <v-btn type="submit" color="primary">Keep</v-btn>
  </form>
</template>

<style scoped>
.note {
  display: flex;
  gap: 12px;
}
</style>
