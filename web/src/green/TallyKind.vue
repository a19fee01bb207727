<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import { DEFECT_KEYS } from './inspection'

/** One kind of defect: a tap counts a bean more, the small button one fewer. */
defineProps<{ defect: Schemas['DefectView']; count: number; flashed: boolean }>()
const emit = defineEmits<{ more: []; fewer: [] }>()
const makes = (beans: number) => (beans === 1 ? 'each a full one' : `${beans} make a full one`)
</script>

<template>
  <div class="kind" :class="{ flashed: flashed, some: count > 0 }">
    <button type="button" class="more" @click="emit('more')">
      <kbd>{{ DEFECT_KEYS[defect.code]!.toUpperCase() }}</kbd>{{ ' ' }}<span>{{ defect.label }}</span
      >{{ ' ' }}<b>{{ count }}</b
      >{{ ' '
      }}<small>{{
        defect.fullDefects ? `${defect.fullDefects} full` : makes(defect.beansPerFullDefect)
      }}</small
      >{{ ' ' }}<span class="d-sr-only">{{ count }} counted, one more</span>
    </button>
    <button
      v-if="count > 0"
      type="button"
      class="fewer"
      :aria-label="`${defect.label}: one fewer`"
      @click="emit('fewer')"
    >
      −
    </button>
  </div>
</template>

<style scoped>
.kind {
  display: flex;
  border: 1px solid var(--line);
  border-radius: 5px;
  touch-action: manipulation;
}
.more {
  flex: 1;
  display: grid;
  grid-template-columns: 32px 1fr auto;
  gap: 0 8px;
  align-items: center;
  text-align: left;
  min-height: 52px;
  padding: 5px 10px;
}
.fewer {
  width: 44px;
  border-left: 1px solid var(--line);
  font-size: 1.4rem;
}
.kind kbd {
  grid-row: span 2;
  text-align: center;
}
.kind b {
  font-size: 1.3rem;
  color: var(--ink-2);
  grid-row: span 2;
  grid-column: 3;
  grid-row-start: 1;
}
.kind small {
  grid-column: 2;
  color: var(--ink-2);
  font-size: 0.8125rem;
}
.some {
  border-color: var(--ink-2);
}
.some b {
  color: var(--ink);
}
.flashed {
  background: var(--band);
  border-color: var(--moss);
}
</style>
