<script setup lang="ts">
import { ref } from 'vue'

/** Whose sheets are in hand at an open table, and the change to somebody else's. */
defineProps<{ people: string[]; person: string }>()
const emit = defineEmits<{ change: [name: string] }>()
const another = ref(false)
const name = ref('')

function begin() {
  if (name.value.trim()) {
    emit('change', name.value)
    another.value = false
    name.value = ''
  }
}
</script>

<template>
  <form class="who" @submit.prevent="begin">
    <span class="quiet">Sheets of</span>
    <v-btn
      v-for="p in people"
      :key="p"
      :variant="p === person ? 'flat' : 'outlined'"
      :color="p === person ? 'primary' : undefined"
      :aria-pressed="p === person"
      @click="emit('change', p)"
      >{{ p }}</v-btn
    >
    <template v-if="another">
      <v-text-field
        v-model="name"
        label="Name of the cupper"
        maxlength="120"
        hide-details
        autocomplete="off"
      />
      <v-btn type="submit" color="primary" :disabled="!name.trim()">Begin their sheets</v-btn>
    </template>
    <v-btn v-else variant="text" @click="another = true">Another cupper…</v-btn>
  </form>
</template>

<style scoped>
.who {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-bottom: 12px;
}
.who .v-text-field {
  max-width: 280px;
  min-width: 180px;
}
</style>
