<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { answer, api, type Answer, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { plural } from '@/shared/format/text'
import OfferedRules from './OfferedRules.vue'
import PatternDots from './PatternDots.vue'
import { choicesOf } from '@/shared/format/words'
import { patternSentence } from './patterns'

/** What this lab has learned: which figures of its own roasts separate the cups that taste so from the others. */
const machines = useLoad(() => answer(api.GET('/api/machines')))
const machineId = ref<number>()
const cause = ref<Schemas['Cause']>('baked')
watch(
  () => machines.data.value,
  (all) => (machineId.value ??= all?.[0]?.id),
)
const patterns = useLoad(
  () =>
    machineId.value === undefined
      ? Promise.resolve<Answer<Schemas['PatternView'][]>>({ data: [] })
      : answer(
          api.GET('/api/patterns', {
            params: { query: { machineId: machineId.value, cause: cause.value } },
          }),
        ),
  () => [machineId.value, cause.value],
)

const machineName = computed(
  () => machines.data.value?.find((m) => m.id === machineId.value)?.name ?? 'this roaster',
)

const GROUPS = [
  { standing: 'learned', title: 'Learned', none: 'Nothing yet.' },
  { standing: 'tentative', title: 'Tentative: more cups will tell', none: 'Nothing.' },
] as const
const of = (standing: string) => (patterns.data.value ?? []).filter((p) => p.standing === standing)
const rest = computed(() => of('not-yet'))
const wanting = computed(() => Math.max(0, ...rest.value.map((p) => p.wanting)))
const most = computed(() =>
  (patterns.data.value ?? []).reduce<Schemas['PatternView'] | undefined>(
    (a, b) => (a && a.n >= b.n ? a : b),
    undefined,
  ),
)
</script>

<template>
  <div class="page-head">
    <h1>What this lab has learned</h1>
    <span class="quiet">from its own cups: of the words and your verdicts, never of the curve</span>
    <span class="spacer" />
    <v-btn variant="text" to="/trace">To the traces</v-btn>
  </div>
  <div class="asked">
    <v-select
      v-model="machineId"
      :items="(machines.data.value ?? []).map((m) => ({ value: m.id, title: m.name }))"
      label="Roaster"
    />
    <v-select v-model="cause" :items="choicesOf('Cause')" label="Cups that are called" />
  </div>
  <PageState
    :loading="patterns.loading.value"
    :failure="patterns.failure.value ?? machines.failure.value"
    :there="!!patterns.data.value"
    @retry="(machines.reload(), patterns.reload())"
  >
    <p v-if="most" class="quiet">
      {{ plural(most.called, 'cup') }} of {{ most.n }} on this roaster
      {{ most.called === 1 ? 'is' : 'are' }} called so. Figures that move together are learned together: which
      one to change, the trace says.
    </p>
    <section v-for="g in GROUPS" :key="g.standing" class="card">
      <h2 class="label">{{ g.title }}</h2>
      <p v-if="!of(g.standing).length" class="quiet">{{ g.none }}</p>
      <ul>
        <li v-for="p in of(g.standing)" :key="p.metric">
          <b>{{ patternSentence(p) }}</b>
          <span class="quiet">
            told apart in {{ Math.round(100 * p.auc) }} % of pairs ·
            {{ p.p < 0.001 ? 'p < 0.001' : `p ${p.p.toFixed(3)}` }} · {{ plural(p.n, 'roast') }}</span
          >
          <PatternDots
            v-if="machineId !== undefined"
            :key="`${machineId} ${cause} ${p.metric}`"
            :machine-id="machineId"
            :cause="cause"
            :pattern="p"
          />
        </li>
      </ul>
    </section>
    <OfferedRules
      v-if="machineId !== undefined && most && most.called > 0"
      :key="`${machineId} ${cause}`"
      :machine-id="machineId"
      :machine-name="machineName"
      :cause="cause"
    />
    <section v-if="rest.length" class="card">
      <h2 class="label">Not yet</h2>
      <p v-if="wanting" class="mb-1">Too few cups: {{ wanting }} more of the rarer kind at least.</p>
      <p class="quiet">Looked at: {{ rest.map((p) => p.label).join(', ') }}.</p>
    </section>
  </PageState>
</template>

<style scoped>
.asked {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 300px));
  gap: 12px;
  margin-bottom: 8px;
}
.card {
  margin-top: 14px;
}
.card ul {
  list-style: none;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 460px), 1fr));
  gap: 16px 28px;
  margin-top: 6px;
}
.card li span {
  display: block;
}
</style>
