<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { beep } from '@/shared/beep'
import NumberField from '@/shared/components/NumberField.vue'
import { useKeys } from '@/shared/keyboard/useKeys'
import TallyKind from './TallyKind.vue'
import { DEFECT_KEYS, type Content } from './inspection'

/** The defect tally: one key or tap a bean, the last one taken back by Backspace, the grade above. */
const props = defineProps<{
  defects: Schemas['DefectView'][]
  grade?: Schemas['GradeView']
  canUndo: boolean
  problemAt: (field: string) => string | undefined
}>()
const content = defineModel<Content>({ required: true })
const emit = defineEmits<{
  tally: [code: string]
  untally: [code: string]
  undo: []
  valid: [field: string, valid: boolean]
}>()

const sound = ref(false)
const flashed = ref('')
const counting = computed(() => content.value.defects !== undefined)
const categories = computed(() =>
  [1, 2].map((n) => ({ n, kinds: props.defects.filter((d) => d.category === n) })),
)
const count = (code: string) => content.value.defects?.[code] ?? 0

const CLICK_HZ = 880
const CLICK_S = 0.05

function found(code: string) {
  emit('tally', code)
  flashed.value = code
  setTimeout(() => (flashed.value = flashed.value === code ? '' : flashed.value), 180)
  if (sound.value) {
    beep(CLICK_HZ, CLICK_S)
  }
}

useKeys([
  ...props.defects.map((d) => ({
    key: DEFECT_KEYS[d.code]!,
    does: `one bean more: ${d.label}`,
    run: () => found(d.code),
  })),
  ...props.defects.map((d) => ({
    key: DEFECT_KEYS[d.code]!.toUpperCase(),
    does: `one bean fewer: ${d.label}`,
    run: () => count(d.code) > 0 && emit('untally', d.code),
  })),
  { key: 'Backspace', does: 'undo the last bean', run: () => emit('undo') },
])
</script>

<template>
  <section class="card tally" aria-labelledby="tally-title">
    <div class="head">
      <h2 id="tally-title">Defects</h2>
      <v-switch v-model="sound" label="sound" hide-details density="compact" color="primary" />
      <v-btn variant="outlined" :disabled="!canUndo" @click="emit('undo')">Undo <kbd>⌫</kbd></v-btn>
    </div>
    <div class="grade" role="status">
      <template v-if="grade">
        <p>
          <b :class="{ ember: grade.name === 'below specialty' }">{{ grade.name }}</b>
          <span v-if="grade.estimated" class="label"> · an estimate</span>
        </p>
        <p class="quiet">{{ grade.reason }}</p>
      </template>
      <template v-else>
        <p class="quiet">Press a bean’s key, or tap it, for each defective bean in the sample.</p>
        <v-btn v-if="!counting" variant="outlined" @click="content.defects = {}">Counted: none found</v-btn>
      </template>
    </div>
    <NumberField
      v-model="content.defectSampleG"
      label="Sample counted"
      unit="g"
      hint="350 g is the standard; another weight is scaled and said to be an estimate"
      :problem="problemAt('defectSampleG')"
      @valid="emit('valid', 'defectSampleG', $event)"
    />
    <div v-for="c in categories" :key="c.n">
      <p class="label category">
        Category {{ c.n }}
        <span v-if="grade">· {{ c.n === 1 ? grade.primary : grade.secondary }} full</span>
      </p>
      <div class="kinds">
        <TallyKind
          v-for="d in c.kinds"
          :key="d.code"
          :defect="d"
          :count="count(d.code)"
          :flashed="flashed === d.code"
          @more="found(d.code)"
          @fewer="emit('untally', d.code)"
        />
      </div>
    </div>
  </section>
</template>

<style scoped>
.tally {
  display: grid;
  gap: 10px;
  align-content: start;
}
.head {
  display: flex;
  align-items: center;
  gap: 14px;
}
.head kbd {
  margin-left: 8px;
}
.head h2 {
  flex: 1;
}
.head .v-switch {
  flex: none;
}
.grade {
  min-height: 64px;
}
.grade b {
  font-size: 1.3rem;
}
.category {
  margin-bottom: 6px;
}
.kinds {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 6px;
}
</style>
