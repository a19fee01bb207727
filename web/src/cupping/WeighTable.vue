<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import type { Schemas } from '@/shared/api/client'

/** What is weighed out and ground, in order; what is done is ticked off on this device. */
const props = defineProps<{ id: number; samples: Schemas['WeighedSample'][]; shuffled: boolean }>()
const done = useStorage<string[]>(`barrowmist.prepared.${props.id}`, [])
const grams = (g: number) => `${Number(g.toFixed(2))} g`
const tick = (code: string) =>
  (done.value = done.value.includes(code) ? done.value.filter((c) => c !== code) : [...done.value, code])
</script>

<template>
  <section class="card" aria-labelledby="weigh-title">
    <h2 id="weigh-title">Weigh and grind, in this order</h2>
    <div class="table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>Done</th>
            <th>{{ shuffled ? 'Under it' : 'Code' }}</th>
            <th>Coffee</th>
            <th class="num">Each cup</th>
            <th class="num">Cups</th>
            <th class="num">Purge before</th>
            <th class="num">In all</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="s in samples" :key="s.code" :class="{ done: done.includes(s.code) }">
            <td>
              <v-checkbox
                :model-value="done.includes(s.code)"
                :aria-label="`${s.code} is ground`"
                hide-details
                density="comfortable"
                @update:model-value="tick(s.code)"
              />
            </td>
            <td>
              <b class="code">{{ s.code }}</b>
            </td>
            <td>{{ s.what }}</td>
            <td class="num">{{ grams(s.doseG) }}</td>
            <td class="num">{{ s.cups }}</td>
            <td class="num">{{ grams(s.purgeG) }}</td>
            <td class="num">
              <b>{{ grams(s.totalG) }}</b>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.card {
  margin-bottom: 14px;
}
.code {
  font-size: 1.25rem;
}
.done td:not(:first-child) {
  opacity: 0.55;
}
</style>
