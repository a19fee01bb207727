<script setup lang="ts">
import { answer, api, type Failure } from '@/shared/api/client'
import AskFirst from '@/shared/components/AskFirst.vue'
import { useGoOn } from '@/shared/useGoOn'

/** Deletes a plan after asking; one that something stands on is refused with what that is. */
const props = defineProps<{ id: number }>()
const emit = defineEmits<{ refused: [failure: Failure | undefined] }>()
const goOn = useGoOn()

async function remove() {
  const result = await answer(api.DELETE('/api/plans/{id}', { params: { path: { id: props.id } } }))
  emit('refused', result.failure)
  if (!result.failure) {
    await goOn('/plan')
  }
}
</script>

<template>
  <AskFirst
    label="Delete"
    question="Delete this plan? It cannot be brought back."
    does="Delete the plan"
    @yes="remove"
  />
</template>
