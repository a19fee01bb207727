<script setup lang="ts">
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import ReleaseForm from './ReleaseForm.vue'

/** What became of one batch, to be said or changed. */
const props = defineProps<{ roastId: number }>()
const emit = defineEmits<{ kept: [] }>()
const release = useLoad(
  () => answer(api.GET('/api/roasts/{id}/release', { params: { path: { id: props.roastId } } })),
  () => props.roastId,
)
</script>

<template>
  <PageState
    :loading="release.loading.value"
    :failure="release.failure.value"
    :there="!!release.data.value"
    @retry="release.reload"
  >
    <ReleaseForm
      v-if="release.data.value"
      :key="roastId"
      :roast-id="roastId"
      :release="release.data.value"
      @kept="emit('kept')"
    />
  </PageState>
</template>
