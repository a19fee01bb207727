<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import { usePreferences } from '@/shared/preferences'
import { shown, typed, unitOf, type Kind } from '@/shared/format/kinds'
import type { Content } from './plan'
import { wordsOf } from '@/shared/format/words'

/** What ends the roast, one thing or the first or last of two; the first number is proposed by the server. */
const content = defineModel<Content>({ required: true })
const preferences = usePreferences()
const problem = ref('')

type By = Content['drop']['by']
const DROPS = wordsOf('DropRuleBy')
const SECONDS = [
  { value: 'alone', title: 'this alone' },
  { value: 'first', title: 'this or the next, the first' },
  { value: 'last', title: 'this and the next, the last' },
]
const KINDS: Partial<Record<By, Kind>> = {
  'bean-c': 'temperature',
  'development-pct': 'share',
  'over-crack-c': 'difference',
}
const rules = computed(() => [content.value.drop, content.value.drop.other].filter((r) => r !== undefined))
const kind = (by: By): Kind => KINDS[by] ?? 'time'
/** Two that say the same are one. */
const left = (rule: number) => DROPS.filter((d) => d.value !== rules.value[1 - rule]?.by)

async function proposed(by: By) {
  const { targets, developmentFrom } = content.value
  const result = await answer(api.POST('/api/plans/drop', { body: { by, targets, developmentFrom } }))
  problem.value = result.failure?.message ?? ''
  return result.data
}
async function setBy(rule: number, by: By) {
  const next = await proposed(by)
  if (next && rules.value[rule]) {
    Object.assign(rules.value[rule], { by: next.by, value: next.value })
  }
}
function setValue(rule: number, number: number | undefined) {
  const r = rules.value[rule]!
  const v = number === undefined ? undefined : typed(kind(r.by), number, preferences.units)
  if (v !== undefined && Math.abs(v - r.value) > 1e-6) {
    r.value = v
  }
}
const together = computed(() => {
  const { other } = content.value.drop
  return !other ? 'alone' : other.last ? 'last' : 'first'
})
async function setTogether(how: string) {
  const { drop } = content.value
  if (how === 'alone') {
    content.value.drop = { by: drop.by, value: drop.value }
  } else if (drop.other) {
    drop.other.last = how === 'last'
  } else {
    const next = await proposed(drop.by === 'bean-c' ? 'development-pct' : 'bean-c')
    if (next) {
      content.value.drop = {
        ...content.value.drop,
        other: { last: how === 'last', by: next.by, value: next.value },
      }
    }
  }
}
</script>

<template>
  <p class="label">The roast ends at</p>
  <div v-for="(rule, i) in rules" :key="i" class="drop">
    <v-select
      :model-value="rule.by"
      :items="left(i)"
      :label="i ? (together === 'last' ? 'and by' : 'or by') : 'Drop by'"
      :error-messages="i ? '' : problem"
      hide-details="auto"
      density="compact"
      @update:model-value="setBy(i, $event)"
    />
    <NumberField
      :model-value="shown(kind(rule.by), rule.value, preferences.units)"
      label="Drop at"
      :slip-of="`Drop at ${i}`"
      :unit="unitOf(kind(rule.by), preferences.units)"
      density="compact"
      hide-details="auto"
      @update:model-value="setValue(i, $event)"
    />
    <v-select
      v-if="i === 0"
      :model-value="together"
      :items="SECONDS"
      label="What decides"
      hide-details
      density="compact"
      class="together"
      @update:model-value="setTogether"
    />
  </div>
</template>

<style scoped>
.label {
  grid-column: 1 / -1;
}
.drop {
  display: grid;
  grid-template-columns: 1.4fr 1fr;
  gap: 8px;
  align-items: start;
  align-self: start;
}
.together {
  grid-column: 1 / -1;
}
</style>
