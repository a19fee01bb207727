<script setup lang="ts">
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { day, isoDay } from '@/shared/format/text'

/** Every lot with what was decided on it: what is due comes first. */
const lots = useLoad(() => answer(api.GET('/api/decisions')))
const today = isoDay(new Date())
const over = (l: Schemas['DueLot']) => l.open && l.dueOn !== undefined && l.dueOn < today
</script>

<template>
  <div class="page-head">
    <h1>Decision</h1>
    <span class="quiet">buy, reject, claim, roast again or hold: what is due comes first</span>
    <span class="spacer" />
    <v-btn variant="outlined" to="/decision/profiles">Profiles and batches</v-btn>
    <v-btn variant="outlined" to="/decision/questions">Questions</v-btn>
    <v-btn variant="text" to="/decision/blend">Blend</v-btn>
    <v-btn variant="text" href="/api/decisions/calendar.ics">To your calendar</v-btn>
  </div>
  <PageState
    :loading="lots.loading.value"
    :failure="lots.failure.value"
    :there="!!lots.data.value"
    :empty="lots.data.value?.length === 0"
    @retry="lots.reload"
  >
    <template #empty><p>No lot to decide on: enter one first.</p></template>
    <div class="card table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>Lot</th>
            <th>Supplier</th>
            <th>Due</th>
            <th>Decided</th>
            <th>Missing</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in lots.data.value" :key="l.lotId">
            <td>
              <router-link :to="`/decision/${l.lotId}`">{{ l.lotName }}</router-link>
            </td>
            <td>
              <router-link :to="`/decision/suppliers/${encodeURIComponent(l.supplier)}`">{{
                l.supplier
              }}</router-link>
            </td>
            <td :class="{ ember: over(l) }">{{ l.open && l.dueOn ? day(l.dueOn) : '' }}</td>
            <td>
              <b v-if="l.outcome !== 'undecided'">{{ l.label }}</b>
            </td>
            <td class="quiet">{{ l.missing.join(', ') }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </PageState>
</template>
