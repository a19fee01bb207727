<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { useSend } from '@/shared/api/useSend'
import PageState from '@/shared/components/PageState.vue'
import { capital, day } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import { useGoOn } from '@/shared/useGoOn'
import { batchFigure } from './batchFigures'
import BatchList from './BatchList.vue'
import ControlChart from './ControlChart.vue'
import TasterTables from './TasterTables.vue'

/** A profile of production: a chart of each figure over its batches, and every batch against it. */
const route = useRoute()
const goOn = useGoOn()
const preferences = usePreferences()
const id = computed(() => Number(route.params.id))
const further = ref(false)
const fahrenheit = computed(() => preferences.units.temperature === 'F')
const profile = useLoad(
  () => answer(api.GET('/api/profiles/{id}', { params: { path: { id: id.value } } })),
  () => id.value,
)
const view = useLoad(
  () =>
    answer(
      api.GET('/api/profiles/{id}/batches', {
        params: { path: { id: id.value }, query: { further: further.value, fahrenheit: fahrenheit.value } },
      }),
    ),
  () => [id.value, further.value, fahrenheit.value],
)
const titles = computed(() =>
  Object.fromEntries((view.data.value?.batches ?? []).map((b) => [b.roastId, b.title])),
)
/** What drifts now comes first. */
const charts = computed(() =>
  [...(view.data.value?.charts ?? [])].sort((a, b) => Number(b.driftsNow) - Number(a.driftsNow)),
)
const drifting = computed(() => charts.value.filter((c) => c.driftsNow).map((c) => c.label))
const { sending, failure, send } = useSend()

/** The next version begins with the same plan and the same figures; batches count for it from now on. */
async function next() {
  const p = profile.data.value
  if (!p) {
    return
  }
  const made = await send(() =>
    api.POST('/api/profiles', {
      body: { planId: p.planId, replaces: p.id, figures: p.figures, referenceId: p.referenceId },
    }),
  )
  if (made.data) {
    await goOn(`/decision/profiles/${made.data.id}`)
  }
}
</script>

<template>
  <PageState
    :loading="profile.loading.value"
    :failure="profile.failure.value ?? view.failure.value"
    :there="!!profile.data.value"
    @retry="profile.reload"
  >
    <template v-if="profile.data.value">
      <div class="page-head">
        <h1>{{ profile.data.value.name }}</h1>
        <span class="quiet">
          version {{ profile.data.value.version }} on {{ profile.data.value.machineName }} · approved by
          {{ profile.data.value.approvedBy }}, {{ day(profile.data.value.approvedAt) }}
        </span>
        <span class="spacer" />
        <v-btn
          variant="outlined"
          :href="`/api/profiles/${id}/page.pdf${fahrenheit ? '?fahrenheit=true' : ''}`"
          target="_blank"
          >Page for the wall</v-btn
        >
        <v-btn variant="text" :href="`/api/profiles/${id}/file.csv`">CSV</v-btn>
        <v-btn variant="text" :href="`/api/profiles/${id}/file.json`">JSON</v-btn>
        <v-btn variant="text" to="/decision/profiles">To the profiles</v-btn>
      </div>
      <p v-if="profile.data.value.replacedBy" class="ember">
        A newer version took its place:
        <router-link class="plain" :to="`/decision/profiles/${profile.data.value.replacedBy}`"
          >open it</router-link
        >.
      </p>
      <p v-if="profile.data.value.note">{{ profile.data.value.note }}</p>
      <p>
        <b>{{ view.data.value?.outturn }}</b>
        <span v-if="drifting.length" class="ember"> Drifting now: {{ drifting.join(', ') }}.</span>
      </p>
      <v-checkbox
        v-model="further"
        label="Runs and trends are signals too (they find more, and call more often for nothing)"
        density="compact"
        hide-details
      />
      <section v-for="c in charts" :key="c.name" class="card chart">
        <h2>
          {{ capital(c.label) }}
          <span class="quiet">
            {{ batchFigure(c.target, c.unit, preferences.units) }} ±
            {{ batchFigure(c.tolerance, c.unit, preferences.units, true) }}
          </span>
          <span v-if="c.driftsNow" class="ember drifts">drifts</span>
        </h2>
        <ControlChart :chart="c" :titles="titles" />
        <p class="quiet">{{ c.text }}</p>
        <p v-for="t in c.changed" :key="t">{{ t }} <span class="quiet">Where to look, and no proof.</span></p>
      </section>
      <p class="quiet key">
        dots: each batch, ringed where something changed · dark line: the weighted mean · shade: the tolerance
        · dashes: where values lie that nothing has changed; chance alone rings about
        {{ view.data.value?.falseCallsPct }} % of the batches, over all charts (<router-link
          class="plain"
          to="/trace/rules"
          >the lead sets it</router-link
        >)
      </p>
      <TasterTables :profile="profile.data.value" />
      <BatchList v-if="view.data.value" :view="view.data.value" @kept="view.reload" />
      <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
      <v-btn v-if="!profile.data.value.replacedBy" variant="outlined" :loading="sending" @click="next"
        >Begin the next version (batches count for it from now on)</v-btn
      >
    </template>
  </PageState>
</template>

<style scoped>
.chart {
  margin-top: 12px;
}
.drifts {
  margin-left: 12px;
}
.chart p {
  margin: 2px 0;
}
.key {
  margin: 8px 0 16px;
}
</style>
