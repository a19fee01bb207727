<script setup lang="ts">
import { useRoute } from 'vue-router'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import SourceShape from '@/shared/components/SourceShape.vue'
import { day, moment } from '@/shared/format/text'
import DecisionForm from './DecisionForm.vue'
import LotContract from './LotContract.vue'
import LotKnown from './LotKnown.vue'

/** Where a person goes to know what is not known. */
function wayTo(way: Schemas['Way']) {
  switch (way.station) {
    case 'green':
      return `/green/samples/${way.id}`
    case 'plan':
      return `/plan/new?lot=${way.id}`
    default:
      return `/cupping?roast=${way.id}`
  }
}

/** What speaks for and against a lot, what the program would do, and what was decided. */
const id = Number(useRoute().params.id)
const decision = useLoad(() => answer(api.GET('/api/lots/{id}/decision', { params: { path: { id } } })))
</script>

<template>
  <PageState
    :loading="decision.loading.value"
    :failure="decision.failure.value"
    :there="!!decision.data.value"
    @retry="decision.reload"
  >
    <template v-if="decision.data.value">
      <div class="page-head">
        <h1>{{ decision.data.value.lotName }}</h1>
        <span class="quiet">
          <template v-if="decision.data.value.history.length"
            >{{ decision.data.value.history[0]!.label }}, by
            {{ decision.data.value.history[0]!.by }}</template
          ><template v-else>not decided yet</template
          ><template v-if="decision.data.value.dueOn"> · due {{ day(decision.data.value.dueOn) }}</template>
        </span>
        <span class="spacer" />
        <v-btn variant="outlined" :to="`/trace/lot/${id}`">What its cups share</v-btn>
        <v-btn variant="outlined" :to="`/green/${id}`">To the lot</v-btn>
      </div>
      <div class="sides">
        <section class="card">
          <h2 class="label">What we would do</h2>
          <p class="name proposal">{{ decision.data.value.proposal.label }}</p>
          <ul class="reasons">
            <li
              v-for="r in decision.data.value.proposal.reasons"
              :key="r.text"
              :class="r.speaksFor ? 'for' : 'against'"
            >
              <SourceShape :source="r.source" />
              <b>{{ r.speaksFor ? 'for it' : 'against' }}</b>
              <span>{{ r.text }}</span>
            </li>
          </ul>
          <template v-if="decision.data.value.ways.length">
            <h3 class="label">Not known yet</h3>
            <p v-for="w in decision.data.value.ways" :key="w.text">
              <router-link class="plain" :to="wayTo(w)">{{ w.text }}</router-link>
              <span class="quiet"> about {{ w.minutes }} min</span>
            </p>
          </template>
          <LotContract :lot-id="id" @kept="decision.reload" />
          <p class="quiet">
            A proposal by the house's rules: contracts and the law where you buy come before it.
          </p>
        </section>
        <section class="card">
          <h2 class="label">Your decision</h2>
          <DecisionForm
            :key="decision.data.value.history.length"
            :decision="decision.data.value"
            @decided="decision.reload"
          />
          <ul v-if="decision.data.value.history.length" class="history">
            <li v-for="(d, i) in decision.data.value.history" :key="d.at" :class="{ quiet: i > 0 }">
              <b>{{ d.label }}</b><template v-if="d.use">, {{ d.use }}</template
              >: {{ d.reason }}
              <span class="quiet">{{ i > 0 ? 'before, ' : '' }}{{ d.by }}, {{ moment(d.at) }}</span>
            </li>
          </ul>
        </section>
      </div>
      <LotKnown :lot-id="id" />
    </template>
  </PageState>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
  gap: 16px;
  align-items: start;
}
.proposal {
  font-size: 1.4rem;
  margin: 4px 0 10px;
}
.proposal::first-letter {
  text-transform: uppercase;
}
.reasons,
.history {
  list-style: none;
  padding: 0;
  margin: 0 0 12px;
}
.reasons li {
  display: grid;
  grid-template-columns: 24px 64px minmax(0, 1fr);
  gap: 8px;
  align-items: baseline;
  min-height: 32px;
}
.reasons .against b {
  color: var(--ember);
}
.history {
  margin-top: 14px;
  display: grid;
  gap: 8px;
}
@media (max-width: 900px) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
