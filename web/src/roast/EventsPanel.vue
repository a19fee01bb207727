<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { eventLabel, MARKABLE } from '@/shared/chart/events'
import { clock, parseClock } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'

/** The events of a roast as a list: each with its time to type, and those that are not marked with a way to mark them. */
const props = defineProps<{
  events: Schemas['RoastEvent'][]
  analysis: Schemas['AnalysisView']
  cursor?: number
}>()
const emit = defineEmits<{ move: [kind: string, timeS: number]; remove: [kind: string] }>()
const preferences = usePreferences()

const NEEDED = ['charge', 'dry_end', 'first_crack', 'drop']

const rows = computed(() =>
  MARKABLE.map((kind) => {
    const event = props.events.find((e) => e.kind === kind)
    const found = kind === 'turning_point' && !event ? props.analysis.turningPoint : undefined
    return { kind, event, found, needed: NEEDED.includes(kind) && !event, temperature: temperature(kind) }
  }),
)

function temperature(kind: string): number | undefined {
  const milestones: Record<string, number | undefined> = {
    charge: props.analysis.chargeC,
    turning_point: props.analysis.turningPoint?.beanC,
    dry_end: props.analysis.dryEnd?.beanC,
    first_crack: props.analysis.firstCrack?.beanC,
    drop: props.analysis.drop?.beanC,
  }
  return milestones[kind]
}

function typed(kind: string, event: Event) {
  const input = event.target as HTMLInputElement
  const timeS = parseClock(input.value)
  if (timeS === undefined) {
    input.value = clock(props.events.find((e) => e.kind === kind)?.timeS ?? 0)
  } else {
    emit('move', kind, timeS)
  }
}
</script>

<template>
  <table class="plain events">
    <tbody>
      <tr v-for="r in rows" :key="r.kind">
        <th scope="row">{{ eventLabel(r.kind) }}</th>
        <td>
          <input
            v-if="r.event"
            class="time"
            :value="clock(r.event.timeS)"
            :aria-label="`Time of ${eventLabel(r.kind)}, minutes and seconds`"
            @change="typed(r.kind, $event)"
          />
          <span v-else-if="r.found">{{ clock(r.found.timeS) }}</span>
          <v-btn
            v-else
            size="small"
            :variant="r.needed ? 'flat' : 'outlined'"
            :color="r.needed ? 'primary' : undefined"
            :disabled="cursor === undefined && r.kind !== 'charge'"
            @click="emit('move', r.kind, cursor ?? 0)"
            >Mark at {{ cursor === undefined ? (r.kind === 'charge' ? '0:00' : '…') : clock(cursor) }}</v-btn
          >
        </td>
        <td class="num">
          {{ r.temperature === undefined ? '' : preferences.temperatureText(r.temperature) }}
        </td>
        <td class="last">
          <span v-if="r.event?.movedFromS !== undefined" class="quiet moved"
            >moved, was {{ clock(r.event.movedFromS) }}</span
          >
          <span v-else-if="r.found" class="quiet">found</span>
          <v-btn
            v-if="r.event"
            size="small"
            variant="text"
            :aria-label="`Remove ${eventLabel(r.kind)}`"
            @click="emit('remove', r.kind)"
            >×</v-btn
          >
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.events th {
  font-weight: 400;
  color: var(--ink);
  font-size: 1rem;
  padding-left: 0;
}
.events td {
  padding: 3px 4px;
}
.events .num {
  white-space: nowrap;
}
.time {
  width: 60px;
  min-height: 36px;
  padding: 2px 8px;
  border: 1px solid var(--line);
  border-radius: 4px;
  background: var(--paper);
  color: var(--ink);
  font: inherit;
  font-weight: 600;
}
.last {
  text-align: right;
  padding-right: 0 !important;
  white-space: nowrap;
}
.moved {
  font-style: italic;
  font-size: 0.875rem;
}
</style>
