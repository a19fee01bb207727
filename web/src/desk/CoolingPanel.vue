<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { clock } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import SetAside from '@/roast/SetAside.vue'
import BigFigure from './BigFigure.vue'

/** After the drop: how long it cools, and what becomes of it. It is kept without being asked. */
const props = defineProps<{ state: Schemas['DeskState'] }>()
const preferences = usePreferences()
const discarded = ref<string>()

const left = computed(() =>
  props.state.cooling ? props.state.cooling.limitS - props.state.cooling.elapsedS : 0,
)
const rows = computed(() => props.state.entries.filter((e) => e.kind !== 'note'))
const roastId = computed(() => props.state.batch?.roastId)

// it may have been set aside on another screen, or before this one was loaded again
watch(
  roastId,
  async (id) => {
    const roast = id ? await answer(api.GET('/api/roasts/{id}', { params: { path: { id } } })) : undefined
    discarded.value = roast?.data?.discardedReason
  },
  { immediate: true },
)
</script>

<template>
  <div class="cooling">
    <section class="card">
      <BigFigure
        label="cooling"
        :value="clock(state.cooling?.elapsedS ?? 0)"
        :note="
          left > 0
            ? `cold by ${clock(state.cooling!.limitS)}: ${clock(left)} left`
            : 'it should be cold by now'
        "
        :tone="left > 0 ? undefined : 'ember'"
      />
      <p>Agitator and fan on; no water. Weigh it when it is cold.</p>
      <p class="caution">
        The beans, the tray and the drum are hot. Look for chaff and stray beans that glow before you turn
        away; never leave the roaster while they may. Fire in the drum: shut off the burner, follow the
        machine’s manual and the site’s fire plan, get people out, call the fire service.
      </p>
    </section>
    <section class="card">
      <h2>{{ discarded ? 'Excluded' : roastId ? 'Kept' : 'Being kept…' }}</h2>
      <table class="plain">
        <tbody>
          <tr v-for="e in rows" :key="e.seq">
            <th scope="row">{{ e.kind === 'pull' ? `pull, ${e.value} g` : e.kind.replace('_', ' ') }}</th>
            <td>{{ clock(e.timeS) }}</td>
            <td>{{ e.beanC === undefined ? (e.value ?? '') : preferences.temperatureText(e.beanC) }}</td>
          </tr>
        </tbody>
      </table>
      <div class="row">
        <v-btn v-if="roastId" color="primary" :to="`/sample/${roastId}`">To the bench</v-btn>
        <v-btn v-if="roastId" variant="outlined" :to="`/roast/${roastId}`">Look at the roast</v-btn>
        <SetAside
          v-if="roastId"
          :roast-id="roastId"
          :reason="discarded"
          @changed="(reason?: string) => (discarded = reason)"
        />
      </div>
    </section>
  </div>
</template>

<style scoped>
.cooling {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin-top: 14px;
}
.caution {
  margin-top: 14px;
}
@media (max-width: 900px) {
  .cooling {
    grid-template-columns: 1fr;
  }
}
</style>
