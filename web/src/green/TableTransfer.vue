<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, type Failure } from '@/shared/api/client'
import { plural } from '@/shared/format/text'

/** Lots and inspections as a CSV table: out, and in. */
const emit = defineEmits<{ imported: [] }>()
const chooser = ref<HTMLInputElement>()
const failure = ref<Failure>()
const said = ref('')

async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (!file) {
    return
  }
  const result = await answer(
    api.POST('/api/lots.csv', {
      body: new Uint8Array(await file.arrayBuffer()) as never,
      // as it is: which letters it means is found by the server
      bodySerializer: (bytes) => bytes as never,
      headers: { 'Content-Type': 'text/csv' },
    }),
  )
  input.value = ''
  failure.value = result.failure
  said.value = result.data
    ? `${plural(result.data.samples, 'sample')} read, ${plural(result.data.lots, 'lot')} new. ${result.data.note ?? ''}`
    : ''
  if (result.data) {
    emit('imported')
  }
}
</script>

<template>
  <v-btn variant="outlined" href="/api/lots.csv">Save as a table</v-btn>
  <v-btn variant="outlined" @click="chooser?.click()">Read a table</v-btn>
  <input
    ref="chooser"
    type="file"
    accept=".csv,text/csv"
    class="d-sr-only"
    tabindex="-1"
    aria-label="Table of lots"
    @change="take"
  />
  <span v-if="said" class="quiet" role="status">{{ said }}</span>
  <div v-if="failure" class="ember refused" role="alert">
    <b>{{ failure.message }}</b>
    <ul>
      <li v-for="p in failure.problems.slice(0, 12)" :key="p.field + p.message">
        {{ p.field }}: {{ p.message }}
      </li>
    </ul>
  </div>
</template>

<style scoped>
.refused {
  flex-basis: 100%;
}
.refused ul {
  padding-left: 20px;
}
</style>
