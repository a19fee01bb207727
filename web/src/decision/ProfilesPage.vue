<script setup lang="ts">
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { day, plural } from '@/shared/format/text'
import ProfileTemplate from './ProfileTemplate.vue'

/** Plans that were approved for production, and how their batches come out. */
const profiles = useLoad(() => answer(api.GET('/api/profiles')))
</script>

<template>
  <div class="page-head">
    <h1>Profiles</h1>
    <span class="quiet">plans approved for production, and every batch held to them</span>
    <span class="spacer" />
    <v-btn variant="outlined" to="/decision/bags">Which bags?</v-btn>
    <v-btn variant="text" to="/decision">To the decisions</v-btn>
  </div>
  <PageState
    :loading="profiles.loading.value"
    :failure="profiles.failure.value"
    :there="!!profiles.data.value"
    :empty="profiles.data.value?.length === 0"
    @retry="profiles.reload"
  >
    <template #empty>
      <p>No profile yet: open a plan that roasts as it should, and approve it for production.</p>
      <v-btn color="primary" to="/plan">To the plans</v-btn>
    </template>
    <div class="card table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>Profile</th>
            <th>Roaster</th>
            <th>Begun with</th>
            <th>Approved</th>
            <th class="num">Batches</th>
            <th>Held back</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="p in profiles.data.value" :key="p.id" :class="{ quiet: p.replacedBy }">
            <td>
              <router-link :to="`/decision/profiles/${p.id}`"
                >{{ p.name }}, version {{ p.version }}</router-link
              >
              <span v-if="p.replacedBy"> (replaced)</span>
            </td>
            <td>{{ p.machineName }}</td>
            <td>{{ p.lotName }}</td>
            <td>{{ day(p.approvedAt) }}, {{ p.approvedBy }}</td>
            <td class="num">{{ p.batches }}</td>
            <td :class="{ ember: p.held }">{{ p.held ? plural(p.held, 'batch', 'batches') : 'none' }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </PageState>
  <ProfileTemplate />
</template>
