<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { eventLabel } from '@/shared/chart/events'
import { clock, plural } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import { useControls } from '@/shared/useControls'
import FigureLines from './FigureLines.vue'

/** What was marked, moved and noted so far. */
const props = defineProps<{ state: Schemas['DeskState'] }>()
const preferences = usePreferences()
const controls = useControls()

const past = computed(() =>
  props.state.entries
    .filter((e) => e.kind !== 'pop')
    .slice(-5)
    .map((e): [string, string, string] => [
      e.kind === 'note'
        ? e.text!
        : e.kind === 'pull'
          ? `pull, ${e.value} g`
          : e.kind === 'gas' || e.kind === 'air' || e.kind === 'drum'
            ? `${e.kind} ${controls.text(e.kind, e.value ?? 0)}`
            : eventLabel(e.kind),
      clock(e.timeS),
      e.beanC === undefined ? '' : preferences.temperatureText(e.beanC),
    ]),
)
const pops = computed(() => props.state.entries.filter((e) => e.kind === 'pop').length)
</script>

<template>
  <FigureLines title="so far" :lines="past">
    <p v-if="pops || state.pops" class="quiet">
      {{ pops ? `${pops} lone pop${pops > 1 ? 's' : ''} noted` : '' }}
      {{ state.pops ? `${plural(state.pops, 'crack')} heard by the roaster` : '' }}
    </p>
  </FigureLines>
</template>
