<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import PageState from '@/shared/components/PageState.vue'
import SheetForm from './SheetForm.vue'
import TriageForm from './TriageForm.vue'
import { useForm } from './useForms'

/** One sample, on the form that its table is written down on. */
const props = defineProps<{
  sheet: Schemas['SheetView']
  vocabulary: Schemas['WordView'][]
  lately?: string[]
  seated?: boolean
}>()
const emit = defineEmits<{ reload: []; named: [name: string] }>()
const { form, failure, loading, reload } = useForm(() => props.sheet.form)
</script>

<template>
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
