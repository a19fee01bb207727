<script setup lang="ts">
import { ref } from 'vue'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { useSend } from '@/shared/api/useSend'
import NumberField from '@/shared/components/NumberField.vue'

/** What stands on a bag of it: to be copied where the labels are printed. */
const props = defineProps<{ lotId: number }>()
const text = useLoad(
  () => answer(api.GET('/api/lots/{id}/label-text', { params: { path: { id: props.lotId } } })),
  () => props.lotId,
)
const months = ref<number>()
const { problem, said, send } = useSend()

async function keep() {
  const { taken } = await send(() =>
    api.PUT('/api/label-settings', { body: { bestForMonths: months.value ?? 0 } }),
  )
  if (taken) {
    await text.reload()
  }
}
</script>

<template>
  <details v-if="text.data.value" class="bag">
    <summary>Text for the bag</summary>
    <p v-for="l in text.data.value.lines" :key="l">{{ l }}</p>
    <form @submit.prevent="keep">
      <NumberField
        v-model="months"
        label="Best before, after the roast"
        unit="months"
        whole
        :problem="problem('bestForMonths') ?? said()"
      />
      <v-btn type="submit" variant="text" :disabled="!months">Keep for every label</v-btn>
    </form>
  </details>
</template>

<style scoped>
.bag p {
  margin: 1px 0;
}
form {
  display: grid;
  grid-template-columns: 200px auto;
  gap: 10px;
  justify-content: start;
  margin-top: 8px;
}
</style>
