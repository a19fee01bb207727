<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, type Failure } from '@/shared/api/client'

/** Who sits at a table with a device of their own; a seat is freed for somebody who comes back with another. */
const props = defineProps<{ table: number; joined: string[] }>()
const emit = defineEmits<{ changed: [] }>()
const freeing = ref<string>()
const failure = ref<Failure>()

async function free(cupper: string) {
  const result = await answer(
    api.DELETE('/api/cuppings/{id}/seats/{cupper}', { params: { path: { id: props.table, cupper } } }),
  )
  failure.value = result.failure
  freeing.value = undefined
  emit('changed')
}
</script>

<template>
  <div class="joined">
    <span class="quiet">On their own device:</span>
    <template v-for="name in joined" :key="name">
      <span v-if="freeing === name" class="joined">
        {{ name }} then joins again, with what was given so far.
        <v-btn variant="outlined" @click="free(name)">Free the seat</v-btn>
        <v-btn variant="text" @click="freeing = undefined">Leave it</v-btn>
      </span>
      <v-btn v-else variant="text" :aria-label="`Free the seat of ${name}`" @click="freeing = name"
        >{{ name }}…</v-btn
      >
    </template>
    <span v-if="failure" class="ember" role="alert">{{ failure.message }}</span>
  </div>
</template>

<style scoped>
.joined {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
}
</style>
