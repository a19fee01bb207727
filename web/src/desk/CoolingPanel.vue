<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { clock } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import BigFigure from './BigFigure.vue'

/** After the drop: how long it cools, and what becomes of it. It is kept without being asked. */
const props = defineProps<{ state: Schemas['DeskState'] }>()
const preferences = usePreferences()
const asking = ref(false)
const reason = ref('')
const problem = ref('')
const discarded = ref('')

const left = computed(() =>
  props.state.cooling ? props.state.cooling.limitS - props.state.cooling.elapsedS : 0,
)
const rows = computed(() => props.state.entries.filter((e) => e.kind !== 'note'))
const roastId = computed(() => props.state.batch?.roastId)

async function discard() {
  const id = roastId.value!
  const result = await answer(
    api.PUT('/api/roasts/{id}/discarded', { params: { path: { id } }, body: { reason: reason.value } }),
  )
  problem.value = result.failure ? (result.failure.problems[0]?.message ?? result.failure.message) : ''
  if (!result.failure) {
    asking.value = false
    discarded.value = reason.value
  }
}
async function takeBack() {
  const id = roastId.value!
  const result = await answer(api.DELETE('/api/roasts/{id}/discarded', { params: { path: { id } } }))
  problem.value = result.failure?.message ?? ''
  if (!result.failure) {
    discarded.value = ''
  }
}
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
      <h2>{{ discarded ? 'Set aside' : roastId ? 'Kept' : 'Being kept…' }}</h2>
      <p v-if="discarded">{{ discarded }} <v-btn variant="outlined" @click="takeBack">Take it back</v-btn></p>
      <table class="plain">
        <tbody>
          <tr v-for="e in rows" :key="e.seq">
            <th scope="row">{{ e.kind.replace('_', ' ') }}</th>
            <td>{{ clock(e.timeS) }}</td>
            <td>{{ e.beanC === undefined ? (e.value ?? '') : preferences.temperatureText(e.beanC) }}</td>
          </tr>
        </tbody>
      </table>
      <div class="row">
        <v-btn v-if="roastId" color="primary" :to="`/sample/${roastId}`">To the bench</v-btn>
        <v-btn v-if="roastId" variant="outlined" :to="`/roast/${roastId}`">Look at the roast</v-btn>
        <v-btn v-if="roastId && !discarded && !asking" variant="text" @click="asking = true"
          >Set it aside…</v-btn
        >
      </div>
      <form v-if="asking" class="row" @submit.prevent="discard">
        <v-text-field
          v-model="reason"
          label="Why is it set aside?"
          autofocus
          :error-messages="problem || []"
        />
        <v-btn type="submit" color="primary">Set aside</v-btn>
        <v-btn variant="text" @click="asking = false">Keep it</v-btn>
      </form>
      <p v-else-if="problem" role="alert" class="ember">{{ problem }}</p>
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
