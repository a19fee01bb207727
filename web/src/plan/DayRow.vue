<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiClose, mdiDrag } from '@mdi/js'
import { usePreferences } from '@/shared/preferences'
import { hourMinute, type Slot } from './day'

/** What a row of the day shows: when, what, from where on at the earliest, and the buttons for those who do not drag. */
defineProps<{ slotView?: Slot; first: boolean; last: boolean }>()
defineEmits<{ earlier: []; later: []; remove: []; notBefore: [time: string] }>()
const preferences = usePreferences()
</script>

<template>
  <v-icon :icon="mdiDrag" class="handle" />
  <b class="time">{{ slotView ? `${hourMinute(slotView.chargeAt)}–${hourMinute(slotView.dropAt)}` : '…' }}</b>
  <span v-if="slotView" class="what">
    <router-link class="plain" :to="`/plan/${slotView.planId}`">{{ slotView.lotName }}</router-link>
    <small>
      {{ slotView.process }}, {{ slotView.stage }} · {{ slotView.greenG }} g at
      {{ preferences.temperatureText(slotView.chargeC) }}
    </small>
    <small v-if="slotView.changed" class="changed">another charge: 2 min more to settle</small>
  </span>
  <label class="not-before"
    >not before
    <input
      type="time"
      :value="slotView?.notBefore ? hourMinute(slotView.notBefore) : ''"
      :aria-label="`${slotView?.lotName}: not before`"
      @change="$emit('notBefore', ($event.target as HTMLInputElement).value)"
  /></label>
  <v-btn
    icon
    variant="text"
    :aria-label="`${slotView?.lotName}: earlier`"
    :disabled="first"
    @click="$emit('earlier')"
    ><v-icon :icon="mdiArrowUp"
  /></v-btn>
  <v-btn
    icon
    variant="text"
    :aria-label="`${slotView?.lotName}: later`"
    :disabled="last"
    @click="$emit('later')"
    ><v-icon :icon="mdiArrowDown"
  /></v-btn>
  <v-btn
    icon
    variant="text"
    :aria-label="`${slotView?.lotName}: take out of the day`"
    @click="$emit('remove')"
    ><v-icon :icon="mdiClose"
  /></v-btn>
</template>

<style scoped>
.handle {
  cursor: grab;
  color: var(--ink-2);
}
.what small {
  display: block;
  color: var(--ink-2);
}
.what .changed {
  color: var(--bench);
}
.not-before {
  font-size: 0.8125rem;
  color: var(--ink-2);
}
.not-before input {
  font: inherit;
  color: inherit;
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: 4px;
  padding: 4px;
}
@media (max-width: 900px) {
  .handle {
    display: none;
  }
  .not-before {
    grid-column: 2;
    grid-row: 2;
  }
}
@media (max-width: 560px) {
  .what,
  .not-before {
    grid-column: 1 / -1;
    grid-row: auto;
  }
}
</style>
