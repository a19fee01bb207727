<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { mdiUndo } from '@mdi/js'
import type { Schemas } from '@/shared/api/client'
import { capital } from '@/shared/format/text'
import { useKeys } from '@/shared/keyboard/useKeys'
import { usePreferences } from '@/shared/preferences'
import CupMarks from './CupMarks.vue'
import ScoreRow from './ScoreRow.vue'
import SheetExtras from './SheetExtras.vue'
import SheetTotal from './SheetTotal.vue'
import WordFinder from './WordFinder.vue'
import { trailText, withValue, type Form } from './sheetContent'
import { useSheet } from './useSheet'

/** One sample on a form with scores. It keeps itself; the sums are the server's. */
const props = defineProps<{
  sheet: Schemas['SheetView']
  form: Form
  vocabulary: Schemas['WordView'][]
  lately?: string[]
  /** On a coded table a sheet stays its cupper's. */
  seated?: boolean
}>()
const emit = defineEmits<{ reload: []; named: [name: string] }>()
const preferences = usePreferences()
const { content, sums, kept, undo, canUndo } = useSheet(props.sheet)
const points = computed(() => props.form.form === 'hundred-point')

function score(field: string, value: number | undefined) {
  content.value.attributes = withValue(content.value.attributes, field, value)
}
/** A sheet gets its name once, when it is written out: half a name would be somebody else's. */
const name = ref(content.value.cupper)
function signed() {
  if (name.value.trim()) {
    content.value.cupper = name.value.trim()
  }
}
watch(
  () => sums.value.cupper,
  (cupper) => cupper && emit('named', cupper),
)
const trail = (field: string) => trailText(sums.value.trail?.[field], (c) => preferences.wholeTemperature(c))
useKeys([{ key: 'u', does: 'undo the last change on this sheet', run: () => canUndo.value && undo() }])
</script>

<template>
  <div class="sheet">
    <div class="side">
      <section class="card scores">
        <div class="line">
          <v-text-field
            v-if="!seated && !sums.cupper"
            v-model="name"
            label="Cupper"
            class="cupper"
            maxlength="120"
            hide-details
            @change="signed"
          />
          <b v-else-if="!seated" class="cupper">{{ sums.cupper }}</b>
          <v-btn
            variant="text"
            class="undo"
            :disabled="!canUndo"
            :prepend-icon="mdiUndo"
            title="Undo the last change"
            @click="undo()"
            >Undo</v-btn
          >
        </div>
        <ScoreRow
          v-for="a in form.attributes"
          :key="a.field"
          :label="capital(a.label)"
          :scale="a"
          :low="sums.below?.includes(a.field)"
          :trail="trail(a.field)"
          :model-value="content.attributes[a.field]"
          @update:model-value="score(a.field, $event)"
        />
        <p class="quiet keys">
          {{
            points
              ? 'On a scale: arrows step a quarter, or type the number.'
              : 'How good it is, from 1 to 9; 5 is neither high nor low. On a scale: arrows step, or type the number.'
          }}
          <kbd>/</kbd> finds a word, <kbd>u</kbd> undoes.
        </p>
      </section>
      <section class="card">
        <h2>Cup by cup</h2>
        <CupMarks v-model="content.cups" :short="!points" />
        <p v-if="sums.meanings?.defects" class="quiet">Taint or fault {{ sums.meanings.defects }}.</p>
      </section>
    </div>
    <div class="side">
      <SheetTotal
        :sums="sums"
        :attributes="form.attributes.length"
        :kept="kept"
        class="total"
        @theirs="emit('reload')"
      />
      <section class="card">
        <h2 class="mb-2">Words</h2>
        <WordFinder
          v-model="content.words"
          :vocabulary="vocabulary"
          :lately="lately ?? []"
          :cups="content.cups.length"
          :places="form.places"
          :meanings="sums.meanings"
        />
      </section>
      <SheetExtras v-model="content" :form="form" />
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
.line {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-bottom: 8px;
}
.cupper {
  max-width: 300px;
}
.undo {
  margin-left: auto;
  min-height: 48px;
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
