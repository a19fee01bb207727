<script setup lang="ts">
import { mdiDrag } from '@mdi/js'
import MoveButtons from '@/shared/components/MoveButtons.vue'
import { usePreferences } from '@/shared/preferences'
import { hourMinute, type Slot } from './day'

/** What a row of the day shows: when, what, from where on at the earliest, and the buttons for those who do not drag. */
defineProps<{ slotView?: Slot; number: number; first: boolean; last: boolean }>()
defineEmits<{ earlier: []; later: []; remove: []; notBefore: [time: string] }>()
const preferences = usePreferences()
</script>

<template>
  <v-icon :icon="mdiDrag" class="handle" />
  <b class="time" :class="{ roasted: slotView?.roastId }" :data-number="number">{{
    slotView ? `${hourMinute(slotView.chargeAt)}–${hourMinute(slotView.dropAt)}` : '…'
  }}</b>
  <span v-if="slotView" class="what">
    <router-link class="plain" :to="`/plan/${slotView.planId}`">{{ slotView.lotName }}</router-link>
    <small>
      {{ slotView.process }}, {{ slotView.stage }} · {{ slotView.greenG }} g at
      {{ preferences.temperatureText(slotView.chargeC) }}
    </small>
    <small v-if="slotView.roastId" class="done">
      roasted · <router-link class="plain" :to="`/roast/${slotView.roastId}`">its log</router-link>
    </small>
    <small v-else-if="slotView.settleS" class="changed"
      >another charge: {{ Math.round(slotView.settleS / 60) }} min more to settle</small
    >
  </span>
  <label class="not-before"
    >not before
    <input
      type="time"
      :value="slotView?.notBefore ? hourMinute(slotView.notBefore) : ''"
      :aria-label="`${slotView?.lotName}: not before`"
      @change="$emit('notBefore', ($event.target as HTMLInputElement).value)"
  /></label>
  <MoveButtons
    :first="first"
    :last="last"
    :up="`${slotView?.lotName}: earlier`"
    :down="`${slotView?.lotName}: later`"
    :away="`${slotView?.lotName}: take out of the day`"
    @up="$emit('earlier')"
    @down="$emit('later')"
    @away="$emit('remove')"
  />
</template>

<style scoped>
.handle {
  cursor: grab;
  color: var(--ink-2);
}
.time.roasted {
  color: var(--ink-2);
}
.what small {
  display: block;
  color: var(--ink-2);
}
.what .done {
  color: var(--moss);
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
  .time {
    grid-area: 1 / 1;
  }
  /* as in the strip, where names have no room */
  .time::before {
    content: attr(data-number) ' · ';
  }
  .what,
  .not-before {
    grid-column: 1 / -1;
    grid-row: auto;
  }
}
</style>
