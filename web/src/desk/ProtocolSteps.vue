<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import { clock } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import { useControls } from '@/shared/useControls'

/** The steps between two batches: which are done, which is next, and for how long it has been. */
defineProps<{ protocol: Schemas['ProtocolView'] }>()
const emit = defineEmits<{ step: [index: number] }>()
const preferences = usePreferences()
const controls = useControls()
const t = (c?: number) => (c === undefined ? '–' : preferences.temperatureText(c))

function stepText(s: Schemas['ProtocolStep']): string {
  const probe = s.probe === 'bean' ? 'bean' : 'environment'
  const texts: Record<string, string> = {
    'set-gas': `Gas to ${controls.text('gas', s.value ?? 0)}`,
    'set-air': `Airflow to ${controls.text('air', s.value ?? 0)}`,
    do: s.text,
    'fall-to': `Until the ${probe} probe has fallen to ${t(s.value)}`,
    'rise-to': `Until the ${probe} probe has risen to ${t(s.value)}`,
    wait: `Wait ${clock(s.value ?? 0)}`,
  }
  return texts[s.kind]! + (s.kind !== 'do' && s.text ? `: ${s.text}` : '')
}
</script>

<template>
  <ol class="steps">
    <li v-for="(s, i) in protocol.steps" :key="i" :class="{ done: i < protocol.at, now: i === protocol.at }">
      <span>{{ stepText(s) }}</span>
      <template v-if="i === protocol.at">
        <span class="num quiet">{{ clock(protocol.stepElapsedS) }}</span>
        <v-btn size="small" variant="outlined" @click="emit('step', i)">{{
          protocol.needsHand ? 'Done' : 'Go on'
        }}</v-btn>
      </template>
      <span v-else-if="i < protocol.at" class="quiet">done</span>
    </li>
  </ol>
</template>

<style scoped>
.steps {
  list-style: none;
  padding: 0;
  margin: 8px 0;
}
.steps li {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 40px;
  padding: 2px 10px;
  border-left: 4px solid transparent;
  color: var(--ink-2);
}
.steps li > span:first-child {
  flex: 1;
}
.steps .now {
  border-color: var(--ember);
  color: var(--ink);
  font-weight: 600;
}
</style>
