<script setup lang="ts">
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { usePreferences } from '@/shared/preferences'
import { foretold, foretoldAt } from '@/shared/format/outlook'

/** How good the desk's outlook was on this roaster. */
const props = defineProps<{ machineId: number }>()
const preferences = usePreferences()
const scores = useLoad(() =>
  answer(api.GET('/api/machines/{id}/predictions', { params: { path: { id: props.machineId } } })),
)
const miss = (figure: string, v: number) =>
  figure === 'rorAtFirstCrackCPerMin' ? preferences.rateText(v) : `${v.toFixed(0)} s`
</script>

<template>
  <section v-if="scores.data.value?.length" class="card">
    <h2>How good the outlook was</h2>
    <table class="plain">
      <thead>
        <tr>
          <th>predicted</th>
          <th class="num">roasts</th>
          <th class="num">off by, on average</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="s in scores.data.value" :key="s.from + s.figure">
          <td>{{ foretold(s.figure) }}, {{ foretoldAt(s.from) }}</td>
          <td class="num">{{ s.roasts }}</td>
          <td class="num">{{ miss(s.figure, s.meanMiss) }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
