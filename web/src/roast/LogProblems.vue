<script setup lang="ts">
import { computed } from 'vue'
import type { Failure } from '@/shared/api/client'

/** Why a log was not kept, line by line, and what can be answered at once. */
const props = defineProps<{ failure: Failure }>()
const emit = defineEmits<{ unit: [answered: string]; again: [] }>()
const asksUnit = computed(() => props.failure.details.reason === 'asks-unit')
const already = computed(
  () => props.failure.status === 409 && (props.failure.details.roastId as number | undefined),
)
</script>

<template>
  <section class="card problems" role="alert">
    <h2>{{ failure.message }}</h2>
    <template v-if="asksUnit">
      <p class="my-2">Nothing was kept yet.</p>
      <v-btn color="primary" class="mr-2" @click="emit('unit', 'is-fahrenheit')">They are °F: convert</v-btn>
      <v-btn variant="outlined" @click="emit('unit', 'as-written')">They are °C as written</v-btn>
    </template>
    <template v-else-if="already">
      <v-btn color="primary" class="mr-2 mt-2" :to="`/roast/${already}`">Open that roast</v-btn>
      <v-btn variant="outlined" class="mt-2" @click="emit('again')">Keep it a second time</v-btn>
    </template>
    <table v-else-if="failure.problems.length" class="plain mt-2">
      <thead>
        <tr>
          <th>Line</th>
          <th>What is wrong</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(p, i) in failure.problems" :key="i">
          <td class="line">{{ p.line || 'file' }}</td>
          <td>{{ p.message }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="failure.problems.length" class="quiet mt-2">
      Nothing was kept. Mend the file, or the text above, and import again.
    </p>
  </section>
</template>

<style scoped>
.problems {
  border-color: var(--ember);
}
.line {
  font-weight: 600;
}
</style>
