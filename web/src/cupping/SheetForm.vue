<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import KeptNote from '@/shared/kept/KeptNote.vue'
import CupMarks from './CupMarks.vue'
import ScoreRow from './ScoreRow.vue'
import WordFinder from './WordFinder.vue'
import { ATTRIBUTES } from './sheetContent'
import { useSheet } from './useSheet'

/** The 100-point form of one sample. It keeps itself; the sums are the server's. */
const props = defineProps<{
  sheet: Schemas['SheetView']
  vocabulary: Schemas['WordView'][]
  /** On a coded table a sheet stays its cupper's. */
  seated?: boolean
}>()
const emit = defineEmits<{ reload: [] }>()
const { content, sums, kept } = useSheet(props.sheet)

const lines = computed(() => [
  ['uniformity', sums.value.uniformity],
  ['clean cup', sums.value.cleanCup],
  ['sweetness', sums.value.sweetness],
  ['defects', -sums.value.defects],
])

function score(field: string, value: number | undefined) {
  const attributes = { ...content.value.attributes }
  delete attributes[field]
  content.value.attributes = value === undefined ? attributes : { ...attributes, [field]: value }
}
</script>

<template>
  <div class="sheet">
    <div class="side">
      <section class="card scores">
        <v-text-field v-if="!seated" v-model="content.cupper" label="Cupper" class="cupper" maxlength="120" />
        <ScoreRow
          v-for="a in ATTRIBUTES"
          :key="a.field"
          :label="a.label"
          :model-value="content.attributes[a.field]"
          @update:model-value="score(a.field, $event)"
        />
        <p class="quiet keys">
          On a scale: arrows step a quarter, or type the number. <kbd>/</kbd> finds a word.
        </p>
      </section>
      <section class="card">
        <h2>Cup by cup</h2>
        <CupMarks v-model="content.cups" />
      </section>
    </div>
    <div class="side">
      <section class="card total" :class="{ done: sums.finalScore !== undefined }">
        <div>
          <span class="label">{{ sums.finalScore === undefined ? 'so far' : 'final score' }}</span>
          <output class="name figure">{{ (sums.finalScore ?? sums.runningTotal).toFixed(2) }}</output>
        </div>
        <div class="words">
          <b v-if="sums.qualityClass">{{ sums.qualityClass }}</b>
          <span v-else class="quiet">{{ sums.unscored.length }} of 7 attributes to score</span>
          <span class="quiet parts">
            <template v-for="([name, value], i) in lines" :key="name">
              <template v-if="i"> · </template>{{ name }}
              {{ Number(value).toFixed(value === 0 || Number.isInteger(value) ? 0 : 2) }}
            </template>
          </span>
          <span v-if="sums.scaled" class="quiet"
            >cup marks scaled from {{ sheet.cups.length }} to ten points</span
          >
          <KeptNote :kept="kept" @theirs="emit('reload')" />
        </div>
      </section>
      <section class="card">
        <h2 class="mb-2">Words</h2>
        <WordFinder v-model="content.words" :vocabulary="vocabulary" :cups="content.cups.length" />
      </section>
    </div>
  </div>
</template>

<style scoped>
.sheet {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(340px, 1fr);
  gap: 16px;
  align-items: start;
}
.side {
  display: grid;
  gap: 16px;
}
.cupper {
  max-width: 300px;
  margin-bottom: 8px;
}
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
.keys {
  margin-top: 8px;
  font-size: 0.9rem;
}
@media (max-width: 1000px) {
  .sheet {
    grid-template-columns: minmax(0, 1fr);
  }
  .side {
    display: contents;
  }
  .total {
    order: -1;
    position: sticky;
    top: 0;
    z-index: 2;
  }
}
</style>
