<script setup lang="ts">
import { ref, useTemplateRef } from 'vue'
import { fromEvent } from 'file-selector'
import { plural } from '@/shared/format/text'
import { megabytes } from './importing'

/** Takes one log, many logs or a folder of them, picked or dropped. */
const files = defineModel<File[]>({ required: true })

const over = ref(false)
const left = ref(0)
const folder = useTemplateRef<HTMLInputElement>('folder')

const isLog = (file: File) => /\.(csv|txt)$/i.test(file.name) || file.type === 'text/csv'

async function take(event: Event) {
  over.value = false
  const found = (await fromEvent(event)).filter((f): f is typeof f & File => f instanceof File)
  if (event.target instanceof HTMLInputElement) {
    // the same choice may be made again
    event.target.value = ''
  }
  if (found.length) {
    const logs = found.length === 1 ? found : found.filter(isLog)
    left.value = found.length - logs.length
    files.value = logs
  }
}

const size = () => megabytes(files.value.reduce((sum, f) => sum + f.size, 0))
</script>

<template>
  <label
    class="drop"
    :class="{ over }"
    @dragover.prevent="over = true"
    @dragleave="over = false"
    @drop.prevent="take"
  >
    <input type="file" multiple class="d-sr-only" accept=".csv,.txt,text/csv,text/plain" @change="take" />
    <template v-if="files.length"
      ><b>{{ files.length === 1 ? files[0]!.name : plural(files.length, 'log') }}</b>
      <span class="quiet">{{ ' ' + size() }}. Choose others, or drop them here.</span></template
    >
    <template v-else><b>Choose a file or many</b> <span class="quiet">or drop them here</span></template>
  </label>
  <p class="folder">
    <v-btn variant="outlined" @click="folder?.click()">Choose a folder</v-btn>
    <input
      ref="folder"
      type="file"
      class="d-none"
      webkitdirectory
      aria-label="A folder of logs"
      @change="take"
    />
    <slot />
    <span v-if="left" class="quiet" role="status"
      >{{ plural(left, 'file is', 'files are') }} left out: no .csv or .txt.</span
    >
  </p>
</template>

<style scoped>
.drop {
  display: block;
  border: 2px dashed var(--ink-2);
  border-radius: 5px;
  padding: 28px 20px;
  text-align: center;
  cursor: pointer;
  margin-bottom: 14px;
}
.drop:focus-within {
  outline: 2px solid var(--moss);
  outline-offset: 2px;
}
.over {
  background: var(--band);
}
.folder {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin-bottom: 14px;
}
</style>
