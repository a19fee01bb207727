<script setup lang="ts">
/** A key with what it does; it can be touched as well. */
defineProps<{ keys: string[]; disabled?: boolean }>()
defineEmits<{ press: [] }>()
</script>

<template>
  <button type="button" class="key-button" :disabled="disabled" @click="$emit('press')">
    <kbd v-for="k in keys" :key="k">{{ k }}</kbd>
    <span><slot /></span>
  </button>
</template>

<style scoped>
.key-button {
  display: inline-flex;
  align-items: center;
  gap: 7px;
  min-height: var(--touch);
  padding: 2px 8px;
  border-radius: 4px;
  color: var(--ink);
  text-align: left;
}
.key-button:hover:not(:disabled) {
  background: var(--line);
}
.key-button:disabled {
  color: var(--ink-2);
  cursor: default;
}
kbd {
  font: inherit;
  font-weight: 600;
  min-width: 30px;
  padding: 2px 7px;
  text-align: center;
  border: 1px solid var(--ink-2);
  border-radius: 4px;
}
</style>
