<script setup lang="ts">
/** Asks for a name before anything is tasted. */
defineProps<{ question: string; action: string }>()
const name = defineModel<string>({ required: true })
const emit = defineEmits<{ seated: [] }>()
</script>

<template>
  <form class="card seat" @submit.prevent="name.trim() && emit('seated')">
    <h2>{{ question }}</h2>
    <v-text-field v-model="name" label="Your name" maxlength="120" hide-details autocomplete="off" />
    <v-btn type="submit" color="primary" :disabled="!name.trim()">{{ action }}</v-btn>
  </form>
</template>

<style scoped>
.seat {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  align-items: center;
  margin-bottom: 14px;
}
.seat .v-text-field {
  max-width: 320px;
  min-width: 200px;
}
</style>
