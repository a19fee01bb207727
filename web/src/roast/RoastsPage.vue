<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import RoastTable from './RoastTable.vue'

const roasts = useLoad(() => answer(api.GET('/api/roasts')))
const sought = ref('')
const shown = computed(() => {
  const words = (sought.value ?? '').toLowerCase().split(/\s+/).filter(Boolean)
  return (roasts.data.value ?? []).filter((r) =>
    words.every((w) =>
      `${r.lotName} ${r.process} ${r.machineName} ${r.faults.join(' ')}`.toLowerCase().includes(w),
    ),
  )
})
</script>

<template>
  <div class="page-head">
    <h1>Roast</h1>
    <span class="quiet">logged roasts, newest first</span>
    <span class="spacer" />
    <v-btn color="primary" to="/roast/import">Import a roast log</v-btn>
  </div>
  <PageState
    :loading="roasts.loading.value"
    :failure="roasts.failure.value"
    :there="!!roasts.data.value"
    :empty="roasts.data.value?.length === 0"
    @retry="roasts.reload"
  >
    <template #empty>
      <h2>No roast yet</h2>
      <p class="mt-2">Import the log of a sample roast: a CSV file with time and bean temperature.</p>
    </template>
    <v-text-field
      v-model="sought"
      class="mb-3 search"
      label="Find by lot, process, roaster or fault"
      clearable
    />
    <RoastTable v-if="shown.length" :roasts="shown" />
    <p v-else class="quiet">No roast matches “{{ sought }}”.</p>
  </PageState>
</template>

<style scoped>
.search {
  max-width: 360px;
}
</style>
