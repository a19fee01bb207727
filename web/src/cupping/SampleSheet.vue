<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import PageState from '@/shared/components/PageState.vue'
import SheetForm from './SheetForm.vue'
import TriageForm from './TriageForm.vue'
import { useForm } from './useForms'
import { labelOf } from '@/shared/format/words'

/** One sample, on the form of its table or on the other one, if its cupper chose so before the first score. */
const props = defineProps<{
  sheet: Schemas['SheetView']
  vocabulary: Schemas['WordView'][]
  lately?: string[]
  seated?: boolean
}>()
const emit = defineEmits<{ reload: []; named: [name: string] }>()
const OTHER = {
  'hundred-point': 'value-assessment',
  'value-assessment': 'hundred-point',
  triage: undefined,
} as const
const other = computed(() => OTHER[props.sheet.form as keyof typeof OTHER])
const written = computed(() => Object.keys(props.sheet.attributes).length > 0 || props.sheet.words.length > 0)
const refused = ref<Failure>()
async function writeOnOther() {
  const changed = await answer(
    api.PUT('/api/cuppings/{id}/sheets/{sheetId}', {
      params: { path: { id: props.sheet.cuppingId, sheetId: props.sheet.id } },
      body: { cupper: props.sheet.cupper, form: other.value },
    }),
  )
  refused.value = changed.failure
  if (changed.data) {
    emit('reload')
  }
}
const { form, failure, loading, reload } = useForm(() => props.sheet.form)
</script>

<template>
  <p v-if="other && !written" class="form-line">
    <span class="quiet">You write on the {{ labelOf('CuppingForm', sheet.form) }}.</span>
    <v-btn variant="text" @click="writeOnOther">Write on the {{ labelOf('CuppingForm', other) }}</v-btn>
    <span v-if="refused" class="ember" role="alert">{{ refused.message }}</span>
  </p>
  <PageState :loading="loading" :failure="failure" :there="!!form" @retry="reload">
    <TriageForm
      v-if="form!.form === 'triage'"
      :sheet="sheet"
      :vocabulary="vocabulary"
      :lately="lately"
      @reload="emit('reload')"
    />
    <SheetForm
      v-else
      :sheet="sheet"
      :form="form!"
      :vocabulary="vocabulary"
      :lately="lately"
      :seated="seated"
      @reload="emit('reload')"
      @named="emit('named', $event)"
    />
  </PageState>
</template>

<style scoped>
.form-line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 8px;
}
</style>
