<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import type { Kept } from '@/shared/kept/useKept'
import KeptNote from '@/shared/kept/KeptNote.vue'
import { plural } from '@/shared/format/text'

/** What a sheet comes to; the sums are the server's. */
const props = defineProps<{
  sums: Schemas['SheetView']
  attributes: number
  kept: Kept
}>()
const emit = defineEmits<{ theirs: [] }>()
const done = computed(() => props.sums.finalScore !== undefined)
const figure = computed(() => props.sums.finalScore ?? props.sums.runningTotal)
const lines = computed(() =>
  (
    [
      ['uniformity', props.sums.uniformity],
      ['clean cup', props.sums.cleanCup],
      ['sweetness', props.sums.sweetness],
      ['defects', props.sums.defects === undefined ? undefined : -props.sums.defects],
    ] as const
  ).filter(([, value]) => value !== undefined),
)
</script>

<template>
  <section class="card total" :class="{ done }">
    <div>
      <span class="label">{{ done ? 'final score' : 'so far' }}</span>
      <output class="name figure">{{ figure?.toFixed(2) ?? '–' }}</output>
    </div>
    <div class="words">
      <b v-if="sums.houseSays" :class="{ ember: sums.houseSays !== 'premium' }">{{ sums.houseSays }}</b>
      <b v-if="sums.qualityClass">{{ sums.qualityClass }}</b>
      <span v-else-if="!done" class="quiet"
        >{{ sums.unscored.length }} of {{ plural(attributes, 'attribute') }} to score</span
      >
      <span v-if="lines.length" class="quiet parts">
        <template v-for="([name, value], i) in lines" :key="name">
          <template v-if="i"> · </template>{{ name }} {{ value!.toFixed(Number.isInteger(value) ? 0 : 2) }}
        </template>
      </span>
      <span v-if="sums.scaled" class="quiet">cup marks scaled from {{ sums.cups.length }} to ten points</span>
      <KeptNote :kept="kept" @theirs="emit('theirs')" />
    </div>
  </section>
</template>

<style scoped>
.total {
  display: flex;
  gap: 22px;
  align-items: center;
}
.figure {
  display: block;
  font-size: 2.6rem;
  line-height: 1;
}
.total:not(.done) .figure {
  color: var(--ink-2);
}
.words {
  display: grid;
  gap: 1px;
}
.parts {
  font-size: 0.875rem;
}
</style>
