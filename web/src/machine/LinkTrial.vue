<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { usePreferences } from '@/shared/preferences'
import { useControls } from '@/shared/useControls'

/** A trial of a link: what the roaster says now, and what of it can hardly be true. */
const props = defineProps<{ machineId: number; link: Schemas['LinkSettings'] }>()
const preferences = usePreferences()
const controls = useControls()
const tried = shallowRef<Schemas['LinkTest']>()
const problem = ref('')
const trying = ref(false)

async function tryIt() {
  trying.value = true
  const result = await answer(
    api.POST('/api/machines/{id}/link-test', {
      params: {
        path: { id: props.machineId },
        query: { fahrenheit: preferences.units.temperature === 'F' },
      },
      body: props.link,
    }),
  )
  trying.value = false
  tried.value = result.data
  problem.value = result.failure?.problems[0]?.message ?? result.failure?.message ?? ''
}
const says = computed(() => {
  const t = tried.value
  if (!t?.answered) {
    return []
  }
  const rows: [string, string][] = []
  const add = (name: string, v: number | undefined, text: (n: number) => string) => {
    if (v !== undefined) {
      rows.push([name, text(v)])
    }
  }
  add('bean', t.beanC, preferences.temperatureText)
  add('environment', t.environmentC, preferences.temperatureText)
  add('gas', t.gasPct, (n) => controls.text('gas', n))
  add('air', t.airflowPct, (n) => controls.text('air', n))
  add('drum', t.drumRpm, (n) => controls.text('drum', n))
  add('cracks', t.pops, (n) => n.toFixed(0))
  add('clock', t.clockS, (n) => `${n.toFixed(1)} s`)
  return rows
})
</script>

<template>
  <div class="trial">
    <div class="try">
      <v-btn variant="outlined" :loading="trying" @click="tryIt">Test the connection</v-btn>
      <span v-if="problem" class="ember" role="alert">{{ problem }}</span>
      <span v-else-if="tried" role="status" :class="{ ember: !tried.answered || tried.doubts.length }">{{
        tried.text
      }}</span>
    </div>
    <ul v-if="tried?.doubts.length" class="doubts" aria-label="What can hardly be true">
      <li v-for="d in tried.doubts" :key="d">{{ d }}</li>
    </ul>
    <dl v-if="says.length" class="says">
      <div v-for="[name, value] in says" :key="name">
        <dt>{{ name }}</dt>
        <dd>{{ value }}</dd>
      </div>
    </dl>
  </div>
</template>

<style scoped>
.trial {
  display: grid;
  gap: 14px;
}
.try {
  display: flex;
  gap: 12px;
  align-items: center;
}
.doubts {
  list-style: none;
  padding-left: 12px;
  border-left: 4px solid var(--ember);
}
.says {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 24px;
}
.says div {
  display: flex;
  gap: 8px;
}
.says dt {
  color: var(--ink-2);
}
.says dd {
  font-weight: 600;
}
</style>
