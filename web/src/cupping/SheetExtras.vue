<script setup lang="ts">
import { computed } from 'vue'
import ScoreRow from './ScoreRow.vue'
import { withValue, type Form, type SheetContent } from './sheetContent'

/** What stands beside the scores, none of it asked for: how much there is of something, the house's own scales, notes. */
const props = defineProps<{ form: Form }>()
const content = defineModel<SheetContent>({ required: true })
const marked = computed(() => Object.keys(content.value.intensities).length)
const noted = computed(() => content.value.cups.filter((c) => c.note).length)

function noteCup(index: number, note: string) {
  content.value.cups = content.value.cups.map((c, i) => (i === index ? { ...c, note: note || undefined } : c))
}
function set(of: 'intensities' | 'scales', field: string, value: number | undefined) {
  content.value[of] = withValue(content.value[of], field, value)
}
</script>

<template>
  <section class="card extras">
    <details v-if="props.form.intensities.length">
      <summary>
        How much of it <span class="quiet">{{ marked ? `${marked} marked` : 'if you like' }}</span>
      </summary>
      <ScoreRow
        v-for="i in props.form.intensities"
        :key="i.field"
        :label="i.label"
        :scale="i"
        :model-value="content.intensities[i.field]"
        @update:model-value="set('intensities', i.field, $event)"
      />
    </details>
    <details v-if="props.form.scales.length">
      <summary>Our own scales</summary>
      <ScoreRow
        v-for="s in props.form.scales"
        :key="s.field"
        :label="s.label"
        :scale="s"
        :model-value="content.scales[s.field]"
        @update:model-value="set('scales', s.field, $event)"
      />
    </details>
    <v-textarea
      v-model="content.note"
      label="Whatever else is to be said"
      rows="2"
      auto-grow
      maxlength="2000"
      hide-details
    />
    <details>
      <summary>
        A note on one cup <span class="quiet">{{ noted ? `${noted} noted` : '' }}</span>
      </summary>
      <v-text-field
        v-for="(cup, i) in content.cups"
        :key="i"
        :model-value="cup.note ?? ''"
        :label="`Cup ${i + 1}`"
        maxlength="400"
        hide-details
        class="mt-2"
        @update:model-value="noteCup(i, $event)"
      />
    </details>
  </section>
</template>

<style scoped>
.extras {
  display: grid;
  gap: 12px;
}
summary {
  cursor: pointer;
  min-height: 44px;
  display: flex;
  gap: 10px;
  align-items: center;
  font-weight: 600;
}
summary::before {
  content: '+';
}
[open] > summary::before {
  content: '–';
}
@media (pointer: coarse) {
  summary {
    min-height: 56px;
  }
}
</style>
