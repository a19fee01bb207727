<script setup lang="ts">
import { computed } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { usePreferences } from '@/shared/preferences'
import { figureText, spreadText, type Figure } from './plan'

/** The roasts of one plan beside each other: which figure strays, batch by batch. */
const props = defineProps<{ planId: number }>()
const preferences = usePreferences()
const view = useLoad(() =>
  answer(api.GET('/api/plans/{id}/repeatability', { params: { path: { id: props.planId } } })),
)
const v = computed(() => view.data.value)
const unit = (f: Schemas['RepeatedFigure']) => f.unit as Figure['unit']
const inside = (f: Schemas['RepeatedFigure'], value: number | null | undefined) =>
  value !== null && value !== undefined && Math.abs(value - f.planned) <= f.tolerance
</script>

<template>
  <section v-if="v?.roasts.length" class="card table-scroll">
    <h2>How well it repeats</h2>
    <p>{{ v.text }}</p>
    <table v-if="v.figures.length" class="plain">
      <thead>
        <tr>
          <th>figure</th>
          <th class="num">aim</th>
          <th class="num">spread</th>
          <th v-for="r in v.roasts" :key="r.roastId" class="num">
            <router-link :to="`/roast/${r.roastId}`">{{ r.number }}</router-link>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="f in v.figures" :key="f.figure">
          <td>{{ f.label }}</td>
          <td class="num">{{ figureText(f.planned, unit(f), preferences) }}</td>
          <td class="num" :class="{ ember: !f.holds }">{{ spreadText(f.sd, unit(f), preferences) }}</td>
          <td
            v-for="(value, i) in f.values"
            :key="i"
            class="num"
            :class="{ ember: value !== null && !inside(f, value) }"
          >
            {{ value === null ? '–' : figureText(value, unit(f), preferences) }}
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
