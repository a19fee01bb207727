<script setup lang="ts">
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { clock, moment } from '@/shared/format/text'
import { useKeys } from '@/shared/keyboard/useKeys'
import { usePreferences } from '@/shared/preferences'
import { useRouter } from 'vue-router'

/** All plans, newest first. */
const router = useRouter()
const preferences = usePreferences()
const plans = useLoad(() => answer(api.GET('/api/plans')))
const schools = useLoad(() => answer(api.GET('/api/schools')))
const schoolName = (id: string) => schools.data.value?.schools.find((s) => s.id === id)?.name ?? id
useKeys([
  { key: 'n', does: 'plan a roast', run: () => void router.push('/plan/new') },
  { key: 'd', does: 'the day', run: () => void router.push('/plan/day') },
])
</script>

<template>
  <div class="page-head">
    <h1>Plans</h1>
    <span class="quiet">what is to be roasted, and how</span>
    <span class="spacer" />
    <v-btn variant="outlined" to="/machines">Roasters</v-btn>
    <v-btn variant="outlined" to="/plan/day">The day</v-btn>
    <v-btn color="primary" to="/plan/new">Plan a roast</v-btn>
  </div>
  <PageState
    :loading="plans.loading.value"
    :failure="plans.failure.value"
    :there="!!plans.data.value"
    :empty="plans.data.value?.length === 0"
    @retry="plans.reload"
  >
    <template #empty>
      <h2>No plan yet</h2>
      <p class="mt-2">Choose a green sample, and a plan begins from your roaster’s own history.</p>
    </template>
    <div class="card table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>Coffee</th>
            <th>Process</th>
            <th>Roaster</th>
            <th>Style</th>
            <th class="num">Batch</th>
            <th class="num">Charge</th>
            <th class="num">Total</th>
            <th>Changed</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="p in plans.data.value" :key="p.id">
            <td>
              <router-link :to="`/plan/${p.id}`">{{ p.lotName }}, {{ p.stage }}</router-link>
            </td>
            <td>{{ p.process }}</td>
            <td>{{ p.machineName }}</td>
            <td>{{ schoolName(p.content.schoolId) }}</td>
            <td class="num">{{ p.content.greenG }} g</td>
            <td class="num">{{ preferences.temperatureText(p.content.chargeC) }}</td>
            <td class="num">{{ p.content.targets.totalS ? clock(p.content.targets.totalS.value) : '–' }}</td>
            <td>{{ moment(p.changedAt) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </PageState>
</template>
