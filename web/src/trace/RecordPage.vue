<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Failure } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { plural } from '@/shared/format/text'
import { useWho } from '@/shared/who'
import OddsRecord from './OddsRecord.vue'
import ProvenLine from './ProvenLine.vue'

/** How often the program was right, for whoever doubts it: what it said before anybody had judged, and what came of it. */
const record = useLoad(() => answer(api.GET('/api/trace-record')))
const who = useWho()
const share = useLoad(() => answer(api.GET('/api/judge-first')))
const SHARES = [
  { value: 0, title: 'no cup' },
  { value: 0.1, title: '1 cup in 10, drawn at random' },
  { value: 0.2, title: '1 cup in 5, drawn at random' },
  { value: 0.5, title: 'every second cup, drawn at random' },
  { value: 1, title: 'every cup' },
]
const unkept = ref<Failure>()
async function keepShare(to: number) {
  const kept = await answer(api.PUT('/api/judge-first', { body: { share: to } }))
  unkept.value = kept.failure
  await share.reload()
}
const causes = computed(() => [...(record.data.value?.causes ?? [])].sort((a, b) => b.n - a.n))
const named = (label: string) =>
  ({ sound: 'nothing wrong', none: 'something it does not know' })[label] ?? label
</script>

<template>
  <div class="page-head">
    <h1>How often it was right</h1>
    <span class="quiet">what was said first, held against your verdicts and what was proven blind</span>
    <span class="spacer" />
    <v-btn variant="text" to="/trace">To the traces</v-btn>
  </div>
  <PageState
    :loading="record.loading.value"
    :failure="record.failure.value"
    :there="!!record.data.value"
    @retry="record.reload"
  >
    <template v-if="record.data.value">
      <p v-if="!record.data.value.judged" class="card">
        Nothing has been judged yet. Give your verdict on a trace, or prove a change on a blind table: from
        then on this page keeps count.
      </p>
      <section v-else class="card">
        <p class="first">
          Right in <b>{{ record.data.value.right }} of {{ plural(record.data.value.judged, 'roast') }}</b>
        </p>
        <p v-if="record.data.value.judged < 30" class="quiet">
          So few say little yet: the bars show how far the truth may be off.
        </p>
        <ul class="causes">
          <li v-for="h in record.data.value.how" :key="h.code">
            <b>{{ h.right }} of {{ h.n }}</b> {{ h.label }}
          </li>
        </ul>
        <OddsRecord :bands="record.data.value.odds" />
        <h2 class="label mt-4">By what it named</h2>
        <ul class="causes">
          <li v-for="c in causes" :key="c.code">
            <b>{{ c.right }} of {{ c.n }}</b> {{ named(c.label) }}
          </li>
        </ul>
      </section>
      <section v-if="share.data.value" class="card">
        <h2 class="label">Judging first</h2>
        <p class="quiet">
          A verdict that is given after the answer was read leans towards it. Of the cups that are drawn, the
          trace shows its answer once you have judged.
        </p>
        <v-select
          :model-value="share.data.value.share"
          :items="SHARES"
          label="Judge first"
          :disabled="!who.leads"
          hide-details
          class="share"
          @update:model-value="keepShare"
        />
        <p v-if="unkept" class="ember" role="alert">{{ unkept.message }}</p>
      </section>
      <section class="card">
        <h2 class="label">Changes that were put to the proof</h2>
        <p v-if="!record.data.value.changes.length && !record.data.value.proofs.length" class="quiet">
          None yet. A trace plans one change; when that roast has rested, one press lays both blind.
        </p>
        <ul class="changes">
          <li v-for="c in record.data.value.changes" :key="c.machineName + c.label + c.change">
            <span>{{ c.change }} on {{ c.machineName }}, against {{ c.label }}:</span>
            <b v-if="c.held + c.notShown + c.worse"
              >held {{ c.held }} of {{ c.held + c.notShown + c.worse }}</b
            >
            <span v-if="c.estimate" class="quiet">{{ c.estimate }} by too few roasts to confirm</span>
            <span v-if="c.worse" class="ember">worse {{ c.worse }}</span>
          </li>
        </ul>
        <ProvenLine v-for="p in record.data.value.proofs" :key="p.cuppingId" :proof="p" lot />
      </section>
    </template>
  </PageState>
</template>

<style scoped>
.card + .card {
  margin-top: 14px;
}
.share {
  max-width: 340px;
  margin-top: 12px;
}
.first {
  font-size: 1.25rem;
}
.causes,
.changes {
  list-style: none;
  padding: 0;
}
.causes {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 4px 16px;
}
.changes li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  min-height: 32px;
  align-items: baseline;
}
</style>
