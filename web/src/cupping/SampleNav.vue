<script setup lang="ts">
/** The samples on a table, to take one in hand. */
defineProps<{ samples: { code: string; name: string; done: boolean }[]; inHand?: string; label: string }>()
const emit = defineEmits<{ take: [code: string] }>()
</script>

<template>
  <nav class="samples" :aria-label="label">
    <v-btn
      v-for="s in samples"
      :key="s.code"
      :variant="s.code === inHand ? 'flat' : 'outlined'"
      :color="s.code === inHand ? 'primary' : undefined"
      :aria-pressed="s.code === inHand"
      @click="emit('take', s.code)"
      >{{ s.name }}<span v-if="s.done" class="done" aria-label="scored">✓</span></v-btn
    >
  </nav>
</template>

<style scoped>
.samples {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-bottom: 14px;
}
.samples .v-btn {
  min-height: 56px;
  min-width: 76px;
  max-width: 100%;
  height: auto;
}
.samples .v-btn :deep(.v-btn__content) {
  white-space: normal;
  overflow-wrap: anywhere;
  min-width: 0;
}
.done {
  margin-left: 8px;
}
</style>
