<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { eventLabel } from '@/shared/chart/events'
import { clock, plural } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import { useControls } from '@/shared/useControls'

/** What was marked, moved and noted so far. */
const props = defineProps<{ state: Schemas['DeskState'] }>()
const preferences = usePreferences()
const controls = useControls()

const past = computed(() =>
  props.state.entries
    .filter((e) => e.kind !== 'pop')
    .slice(-5)
    .map((e) => ({
      seq: e.seq,
      name:
        e.kind === 'note'
          ? e.text!
          : e.kind === 'pull'
            ? `pull, ${e.value} g`
            : e.kind === 'gas' || e.kind === 'air' || e.kind === 'drum'
              ? `${e.kind} ${controls.text(e.kind, e.value ?? 0)}`
              : eventLabel(e.kind),
      at: clock(e.timeS),
      bean: e.beanC === undefined ? '' : preferences.temperatureText(e.beanC),
    })),
)
const pops = computed(() => props.state.entries.filter((e) => e.kind === 'pop').length)
</script>

<template>
  <section class="card">
    <h2 class="plain-head">so far</h2>
    <table class="coming">
      <tbody>
        <tr v-for="p in past" :key="p.seq">
          <th scope="row">{{ p.name }}</th>
          <td>
            <b>{{ p.at }}</b>
          </td>
          <td class="quiet">{{ p.bean }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="pops || state.pops" class="quiet">
      {{ pops ? `${pops} lone pop${pops > 1 ? 's' : ''} noted` : '' }}
      {{ state.pops ? `${plural(state.pops, 'crack')} heard by the roaster` : '' }}
    </p>
  </section>
</template>

<style scoped>
.card {
  padding: 12px 16px;
}
.plain-head {
  font-family: var(--sans);
  font-weight: 400;
  font-size: 1rem;
  color: var(--ink-2);
}
.coming {
  width: 100%;
  border-collapse: collapse;
}
.coming th {
  text-align: left;
  font-weight: 400;
  padding: 3px 0;
}
.coming td {
  text-align: right;
  white-space: nowrap;
  padding: 3px 0 3px 8px;
}
</style>
