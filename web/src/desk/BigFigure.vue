<script setup lang="ts">
/** A figure that is read from across the room. */
defineProps<{
  label: string
  value: string
  note?: string
  tone?: 'log' | 'quiet' | 'ember'
  small?: boolean
}>()
</script>

<template>
  <div class="figure" :class="[tone, { small }]">
    <span class="label">{{ label }}</span>
    <span class="value">{{ value }}</span>
    <span class="note">{{ note }}</span>
  </div>
</template>

<style scoped>
.figure {
  display: grid;
}
.label,
.note {
  color: var(--ink-2);
  font-size: 1rem;
  min-height: 1.4em;
}
.value {
  font-size: clamp(3.2rem, 5.6vw, 5rem);
  font-weight: 650;
  line-height: 1.02;
  font-variant-numeric: tabular-nums;
  letter-spacing: -0.01em;
}
.small .value {
  font-size: clamp(2.2rem, 3.6vw, 3.2rem);
}
.log .value {
  color: var(--log);
}
.quiet .value {
  color: var(--ink-2);
}
.ember .value {
  color: var(--ember);
}
</style>
