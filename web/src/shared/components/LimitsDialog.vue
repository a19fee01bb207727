<script setup lang="ts" generic="L extends object">
import { computed, ref, shallowRef, watch } from 'vue'
import { problemAt, type Answer, type Failure, type Schemas } from '@/shared/api/client'
import { shown, typed, unitOf } from '@/shared/format/kinds'
import { usePreferences } from '@/shared/preferences'
import NumberField from './NumberField.vue'
import { labelOf } from '@/shared/format/words'

/** Limits that a lab edits: one number field for each; a rate of rise in the reader's own unit. */
const props = defineProps<{
  note?: string
  fields: [field: keyof L & string, label: string, unit: string][]
  load: () => Promise<Answer<L>>
  keep: (limits: L) => Promise<Answer<L>>
  /** Where each begins, and by what right. */
  facts: () => Promise<Answer<Schemas['LimitFact'][]>>
}>()
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ saved: [] }>()
const limits = ref<L>()
const known = ref<Record<string, Schemas['LimitFact']>>({})
const failure = shallowRef<Failure>()
const sending = ref(false)
const preferences = usePreferences()
// an empty limit would be taken for none
const complete = computed(() =>
  props.fields.every(([f]) => (limits.value as L | undefined)?.[f] !== undefined),
)

watch(
  open,
  async (now) => {
    if (now) {
      limits.value = undefined
      const [result, facts] = await Promise.all([props.load(), props.facts()])
      known.value = Object.fromEntries((facts.data ?? []).map((f) => [f.name, f]))
      failure.value = result.failure
      limits.value = result.data && { ...result.data }
    }
  },
  { immediate: true },
)

const RATE = 'rate'
const numbers = () => limits.value as Record<string, number | undefined>
function inUnit(v: number | undefined, unit: string) {
  return v === undefined || unit !== RATE ? v : shown(RATE, v, preferences.units)
}
const read = (field: string, unit: string) => inUnit(numbers()[field], unit)
/** What the figure rests on; where a lab has set its own, what it began with. */
function standing(field: string, unit: string) {
  const fact = known.value[field]
  if (!fact) {
    return undefined
  }
  const rests = labelOf('BeginsStanding', fact.standing) + (fact.source && `: ${fact.source}`)
  return numbers()[field] === fact.beginsWith
    ? rests
    : `yours; began at ${inUnit(fact.beginsWith, unit)}, ${rests}`
}
function write(field: string, unit: string, v: number | undefined) {
  // what only was shown rounded stays as it is kept
  if (v !== read(field, unit)) {
    numbers()[field] = v === undefined || unit !== RATE ? v : typed(RATE, v, preferences.units)
  }
}

async function save() {
  sending.value = true
  const result = await props.keep(limits.value as L)
  sending.value = false
  failure.value = result.failure
  if (result.data) {
    open.value = false
    emit('saved')
  }
}
</script>

<template>
  <v-dialog v-model="open" max-width="620" aria-label="Limits of this lab">
    <form class="card limits" novalidate @submit.prevent="save">
      <h2>Limits of this lab</h2>
      <p v-if="note" class="quiet">{{ note }}</p>
      <div v-if="limits" class="fields">
        <NumberField
          v-for="[field, label, unit] in fields"
          :key="field"
          :model-value="read(field, unit)"
          :label="label"
          :unit="unit === RATE ? unitOf(RATE, preferences.units) : unit"
          :problem="problemAt(failure, field)"
          :hint="standing(field, unit)"
          @update:model-value="write(field, unit, $event)"
        />
      </div>
      <slot v-if="limits" :limits="limits as L" />
      <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
      <div class="actions">
        <v-btn type="submit" color="primary" :disabled="!complete" :loading="sending">Keep the limits</v-btn>
        <v-btn variant="text" @click="open = false">Leave them</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.limits {
  display: grid;
  gap: 12px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: 18px 14px;
  align-items: start;
}
.actions {
  display: flex;
  gap: 10px;
}
</style>
