<script setup lang="ts">
import { ref } from 'vue'

/** A button for what cannot be undone: it asks before it does it. */
defineProps<{
  label: string
  /** What will be gone, as a question. */
  question: string
  /** What the button says that does it. */
  does: string
}>()
const emit = defineEmits<{ yes: [] }>()
const open = ref(false)
function yes() {
  open.value = false
  emit('yes')
}
</script>

<template>
  <v-btn variant="text" @click="open = true">{{ label }}</v-btn>
  <v-dialog v-model="open" max-width="460" :aria-label="label">
    <div class="card ask">
      <p>{{ question }}</p>
      <div class="buttons">
        <v-btn variant="outlined" @click="open = false">Keep it</v-btn>
        <v-btn color="primary" @click="yes">{{ does }}</v-btn>
      </div>
    </div>
  </v-dialog>
</template>

<style scoped>
.ask {
  display: grid;
  gap: 16px;
}
.buttons {
  display: flex;
  justify-content: flex-end;
  gap: 8px;
}
</style>
