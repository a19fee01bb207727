<script setup lang="ts">
import { ref } from 'vue'
import NumberField from '@/shared/components/NumberField.vue'
import { useKeys } from '@/shared/keyboard/useKeys'

type Counts = Partial<
  Record<'quakersPer100g' | 'scorchedPer100g' | 'tippedPer100g' | 'shellsPer100g', number>
>

/** Beans picked out of 100 g: one key or tap a bean, one fewer with Shift or by −. */
defineProps<{ problemAt: (field: string) => string | undefined }>()
const counts = defineModel<Counts>({ required: true })
const emit = defineEmits<{ valid: [field: string, valid: boolean] }>()

const KINDS = [
  { field: 'quakersPer100g', label: 'Quakers', key: 'q', hint: 'pale; rub silverskin off first' },
  { field: 'scorchedPer100g', label: 'Scorched', key: 's', hint: 'flat burnt faces' },
  { field: 'tippedPer100g', label: 'Tipped', key: 't', hint: 'burnt ends' },
  { field: 'shellsPer100g', label: 'Shells', key: 'h', hint: 'shells and hollow beans' },
] as const
type Field = (typeof KINDS)[number]['field']

const found: Field[] = []
const flashed = ref<Field>()

function add(field: Field) {
  counts.value[field] = (counts.value[field] ?? 0) + 1
  found.push(field)
  flashed.value = field
  setTimeout(() => (flashed.value = undefined), 180)
}
function fewer(field: Field) {
  counts.value[field] = Math.max(0, (counts.value[field] ?? 0) - 1)
}
function undo() {
  const last = found.pop()
  if (last) {
    fewer(last)
  }
}
function noneElse() {
  for (const k of KINDS) {
    counts.value[k.field] ??= 0
  }
}
useKeys([
  ...KINDS.map((k) => ({
    key: k.key,
    does: `one bean more: ${k.label.toLowerCase()}`,
    run: () => add(k.field),
  })),
  ...KINDS.map((k) => ({
    key: k.key.toUpperCase(),
    does: `one bean fewer: ${k.label.toLowerCase()}`,
    run: () => fewer(k.field),
  })),
  { key: 'Backspace', does: 'undo the last bean', run: undo },
])
</script>

<template>
  <section class="card tally">
    <h2>Counted in 100 g</h2>
    <div v-for="k in KINDS" :key="k.field" class="kind">
      <button
        type="button"
        class="bean"
        :class="{ flashed: flashed === k.field }"
        :aria-label="`${k.label}: ${counts[k.field] ?? 'not'} counted, one more`"
        @click="add(k.field)"
      >
        <kbd>{{ k.key.toUpperCase() }}</kbd>
        <span
          >{{ k.label }}<small class="quiet">{{ k.hint }}</small></span
        >
      </button>
      <button
        type="button"
        class="fewer"
        :disabled="!counts[k.field]"
        :aria-label="`${k.label}: one fewer`"
        @click="fewer(k.field)"
      >
        −
      </button>
      <NumberField
        v-model="counts[k.field]"
        :label="`${k.label} in 100 g`"
        bare
        whole
        density="compact"
        :problem="problemAt(k.field)"
        @valid="emit('valid', k.field, $event)"
      />
    </div>
    <v-btn variant="outlined" @click="noneElse">The rest: none found</v-btn>
  </section>
</template>

<style scoped>
.tally {
  display: grid;
  gap: 8px;
  align-content: start;
}
.kind {
  display: grid;
  grid-template-columns: 1fr 44px 86px;
  gap: 8px;
  align-items: center;
}
.bean {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 48px;
  padding: 4px 8px;
  border: 1px solid var(--line);
  border-radius: 4px;
  text-align: left;
}
.fewer {
  min-height: 48px;
  border: 1px solid var(--line);
  border-radius: 4px;
  font-size: 1.4rem;
}
.fewer:disabled {
  color: var(--line);
}
.bean:hover,
.flashed {
  border-color: var(--moss);
  background: var(--band);
}
small {
  display: block;
  line-height: 1.2;
}
</style>
