<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { useForm } from './useForms'

/** A table attribute by attribute: the median over the cuppers, and from the lowest to the highest. */
const props = defineProps<{
  samples: Schemas['PanelSample'][]
  names: Record<string, string>
  form: string
}>()
const { form: scales } = useForm(() => props.form)
const attributes = computed(() =>
  (scales.value?.attributes ?? []).filter((f) =>
    props.samples.some((s) => s.attributes.some((a) => a.field === f.field)),
  ),
)
const found = (s: Schemas['PanelSample'], field: string) => s.attributes.filter((a) => a.field === field)
const figure = (v: number) => v.toFixed(props.form === 'hundred-point' ? 2 : 1)
</script>

<template>
  <details v-if="attributes.length" class="by-attribute">
    <summary>Attribute by attribute</summary>
    <div class="table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>Sample</th>
            <th v-for="a in attributes" :key="a.field" class="num">{{ a.label }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="s in samples" :key="s.code">
            <td>{{ names[s.code] ?? s.code }}</td>
            <td v-for="a in attributes" :key="a.field" class="num">
              <template v-for="f in found(s, a.field)" :key="f.field">
                <b>{{ figure(f.median) }}</b>
                <span v-if="f.n > 1" class="quiet range">{{ figure(f.low) }} to {{ figure(f.high) }}</span>
              </template>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="quiet">Median over the cuppers, and from the lowest to the highest.</p>
  </details>
</template>

<style scoped>
summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  gap: 10px;
  cursor: pointer;
  font-weight: 600;
}
summary::before {
  content: '+';
}
[open] > summary::before {
  content: '–';
}
.range {
  display: block;
  font-size: 0.9rem;
}
</style>
