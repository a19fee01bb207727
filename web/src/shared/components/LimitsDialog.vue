<script setup lang="ts" generic="L extends object">
import { computed, ref, shallowRef, watch } from 'vue'
import { problemAt, type Answer, type Failure } from '@/shared/api/client'
import NumberField from './NumberField.vue'

/** Limits that a lab edits: one number field for each. */
const props = defineProps<{
  note: string
  fields: [field: keyof L & string, label: string, unit: string][]
  load: () => Promise<Answer<L>>
  keep: (limits: L) => Promise<Answer<L>>
}>()
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ saved: [] }>()
const limits = ref<L>()
const failure = shallowRef<Failure>()
const sending = ref(false)
// an empty limit would be taken for none
const complete = computed(() =>
  props.fields.every(([f]) => (limits.value as L | undefined)?.[f] !== undefined),
)

watch(
  open,
  async (now) => {
    if (now) {
      limits.value = undefined
      const result = await props.load()
      failure.value = result.failure
      limits.value = result.data && { ...result.data }
    }
  },
  { immediate: true },
)

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
      <p class="quiet">{{ note }}</p>
      <div v-if="limits" class="fields">
        <NumberField
          v-for="[field, label, unit] in fields"
          :key="field"
          v-model="(limits as Record<string, number | undefined>)[field]"
          :label="label"
          :unit="unit"
          :problem="problemAt(failure, field)"
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
  gap: 8px 14px;
}
.actions {
  display: flex;
  gap: 10px;
}
</style>
