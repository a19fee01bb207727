<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { useRoute } from 'vue-router'
import PageState from '@/shared/components/PageState.vue'
import { useKeys } from '@/shared/keyboard/useKeys'
import { eventLabel } from '@/shared/chart/events'
import { clock, moment, roastName } from '@/shared/format/text'
import EventsPanel from './EventsPanel.vue'
import FiguresPanel from './FiguresPanel.vue'
import KindOf from './KindOf.vue'
import MadeFor from './MadeFor.vue'
import PlaceForm from './PlaceForm.vue'
import ReviewCard from './ReviewCard.vue'
import SetAside from './SetAside.vue'
import { useRoast } from './useRoast'

const RoastChart = defineAsyncComponent(() => import('@/shared/chart/RoastChart.vue'))

const id = Number(useRoute().params.id)
const { whole, events, problem, removed, move, remove, putBack, accept } = useRoast(id)
const cursor = ref<number>()
const data = computed(() => whole.data.value)
const undo = computed({ get: () => removed.value !== undefined, set: () => (removed.value = undefined) })

const markAtCursor = (kind: string) => () => cursor.value !== undefined && move(kind, cursor.value)
useKeys([
  { key: 'd', does: 'mark dry end where the chart is read', run: markAtCursor('dry_end') },
  { key: 'f', does: 'mark first crack where the chart is read', run: markAtCursor('first_crack') },
  { key: 'x', does: 'mark the drop where the chart is read', run: markAtCursor('drop') },
  { key: 'z', does: 'put a removed event back', run: putBack },
])
</script>

<template>
  <PageState
    :loading="whole.loading.value"
    :failure="whole.failure.value"
    :there="!!data"
    @retry="whole.reload"
  >
    <template v-if="data">
      <div class="page-head">
        <h1>{{ roastName(data.roast) }}</h1>
        <span class="quiet">
          <router-link class="plain" :to="`/green/${data.roast.lotId}`"
            >{{ data.roast.process }} lot</router-link
          >
          · {{ data.roast.machineName }} · {{ moment(data.roast.roastedAt) }}
        </span>
        <span class="spacer" />
        <v-btn variant="outlined" :to="`/sample/${id}`">Bench figures</v-btn>
        <v-btn variant="outlined" :to="`/cupping?roast=${id}`">Cup it</v-btn>
        <v-btn color="primary" :to="`/trace/${id}`">Trace</v-btn>
      </div>
      <p v-if="problem" class="card ember problem" role="alert">{{ problem }}</p>
      <div class="columns">
        <div class="card">
          <RoastChart
            v-model:cursor="cursor"
            :curve="data.curve"
            :analysis="data.analysis"
            :events="events"
            :height="470"
            editable
            @move="move"
            @remove="remove"
          />
        </div>
        <div class="card">
          <h2>Events</h2>
          <p v-if="data.analysis.missing.length && data.roast.kind !== 'pull'" class="ember missing">
            <span v-for="m in data.analysis.missing" :key="m">{{ m }} </span>
            Point at the chart where it was, then mark it.
          </p>
          <EventsPanel
            :events="events"
            :analysis="data.analysis"
            :cursor="cursor"
            @move="move"
            @remove="remove"
          />
          <p v-for="n in data.analysis.notices" :key="n" class="quiet mt-2">{{ n }}</p>
          <KindOf :roast="data.roast" @accept="accept" @changed="whole.reload" />
          <MadeFor :roast-id="id" :aim="data.roast.aim" @changed="whole.reload" />
        </div>
      </div>
      <div class="card mt-4">
        <FiguresPanel
          :analysis="data.analysis"
          :machine="data.roast.machineName"
          :process="data.roast.process"
        />
      </div>
      <ReviewCard :roast-id="id" :again="events" />
      <PlaceForm :key="data.roast.roastedAt" class="mt-4" :roast="data.roast" @changed="whole.reload" />
      <SetAside :roast-id="id" :reason="data.roast.discardedReason" @changed="whole.reload" />
      <v-snackbar v-model="undo" :timeout="8000">
        <template v-if="removed"
          >Removed {{ eventLabel(removed.kind) }} at {{ clock(removed.timeS) }}.</template
        >
        <template #actions><v-btn variant="text" @click="putBack">Put it back</v-btn></template>
      </v-snackbar>
    </template>
  </PageState>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  gap: 16px;
  align-items: start;
}
.problem {
  margin-bottom: 12px;
  border-color: var(--ember);
}
.missing {
  margin: 6px 0;
}
@media (max-width: 1100px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
