<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Schemas } from '@/shared/api/client'
import PageState from '@/shared/components/PageState.vue'
import AttributeRow from './AttributeRow.vue'
import { useForm } from './useForms'

/** One attribute across all samples: spoon in hand from bowl to bowl, and a last round of comparing back and forth. */
const props = defineProps<{
  sheets: Schemas['SheetView'][]
  /** In the order in which this cupper goes through them. */
  codes: string[]
  form: string
}>()
const { form, failure, loading, reload } = useForm(() => props.form)
const chosen = ref<string>()
watch(form, (f) => (chosen.value ??= f?.attributes[0]?.field), { immediate: true })
const scale = computed(() => form.value?.attributes.find((a) => a.field === chosen.value))
// as they were when the round began: each row keeps its own from here
const round = props.codes.flatMap((code) => props.sheets.filter((s) => s.code === code))
</script>

<template>
  <PageState :loading="loading" :failure="failure" :there="!!form" @retry="reload">
    <section class="card">
      <div class="attributes" role="group" aria-label="Attribute">
        <button
          v-for="a in form!.attributes"
          :key="a.field"
          type="button"
          class="attribute"
          :aria-pressed="a.field === chosen"
          @click="chosen = a.field"
        >
          {{ a.label }}
        </button>
      </div>
      <AttributeRow v-for="s in round" :key="s.id" :sheet="s" :scale="scale" />
    </section>
  </PageState>
</template>

<style scoped>
.attributes {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 12px;
}
.attribute {
  min-height: 56px;
  padding: 0 16px;
  border: 1px solid var(--line);
  border-radius: 4px;
  color: var(--ink-2);
}
.attribute[aria-pressed='true'] {
  border-color: var(--ink);
  color: var(--ink);
  font-weight: 600;
}
</style>
