<script setup lang="ts">
import { computed } from 'vue'
import { nextDefect, type CupMark } from './sheetContent'

/** Marks cup by cup: uniform, clean, sweet, and taint or fault. */
const cups = defineModel<CupMark[]>({ required: true })
/** Short: a form that asks of a cup only whether it is like the others, and sound. */
const props = defineProps<{ short?: boolean }>()

const ALL = [
  ['uniform', 'Uniform'],
  ['clean', 'Clean'],
  ['sweet', 'Sweet'],
] as const
const MARKS = computed(() => (props.short ? ALL.slice(0, 1) : ALL))

function toggle(index: number, mark: 'uniform' | 'clean' | 'sweet') {
  cups.value = cups.value.map((c, i) => (i === index ? { ...c, [mark]: c[mark] === false } : c))
}

function defect(index: number) {
  cups.value = cups.value.map((c, i) => (i === index ? { ...c, defect: nextDefect(c.defect) } : c))
}
</script>

<template>
  <table class="cups">
    <thead>
      <tr>
        <th scope="col"><span class="d-sr-only">Mark</span></th>
        <th v-for="(_, i) in cups" :key="i" scope="col">{{ i + 1 }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="[mark, label] in MARKS" :key="mark">
        <th scope="row">{{ label }}</th>
        <td v-for="(cup, i) in cups" :key="i">
          <button
            type="button"
            class="mark"
            :class="{ off: cup[mark] === false }"
            :aria-pressed="cup[mark] !== false"
            :aria-label="`Cup ${i + 1} ${label.toLowerCase()}`"
            @click="toggle(i, mark)"
          >
            {{ cup[mark] === false ? '–' : '●' }}
          </button>
        </td>
      </tr>
      <tr>
        <th scope="row">Taint, fault</th>
        <td v-for="(cup, i) in cups" :key="i">
          <button
            type="button"
            class="mark"
            :class="{ bad: cup.defect && cup.defect !== 'none' }"
            :aria-label="`Cup ${i + 1} defect: ${cup.defect ?? 'none'}; change`"
            @click="defect(i)"
          >
            {{ cup.defect === 'taint' ? 'taint' : cup.defect === 'fault' ? 'fault' : '' }}
          </button>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.cups {
  border-spacing: 4px;
  border-collapse: separate;
}
th {
  font-weight: 400;
  text-align: left;
  padding-right: 10px;
}
thead th {
  text-align: center;
  padding: 0;
  font-weight: 600;
  color: var(--ink-2);
}
.mark {
  width: 56px;
  height: 56px;
  border: 1px solid var(--line);
  border-radius: 4px;
  color: var(--cup);
  background: var(--paper);
  font-size: 0.9375rem;
}
.off {
  color: var(--ink-2);
  border-color: var(--ink-2);
  border-style: dashed;
}
.bad {
  color: var(--ember);
  border-color: var(--ember);
  font-weight: 700;
}
@media (max-width: 480px) {
  .mark {
    width: 44px;
  }
}
</style>
