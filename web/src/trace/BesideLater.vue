<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { useGoOn } from '@/shared/useGoOn'
import { scoreChange } from './proofs'
import ProvenLine from './ProvenLine.vue'

/** The change proven: later roasts of the same lot, the blind table with the old one, and what it showed. */
const props = defineProps<{
  roastId: number
  /** What the change is to mend, and how the old one scored. */
  finding: Schemas['FindingView']
  score?: number
}>()
const goOn = useGoOn()
const at = () => ({ params: { path: { id: props.roastId } } })
const proofs = useLoad(() => answer(api.GET('/api/roasts/{id}/trace/proofs', at())))
const later = computed(() => proofs.data.value?.later ?? [])
const traces = useLoad(
  async () => {
    const all = await Promise.all(
      later.value.map((r) =>
        answer(api.GET('/api/roasts/{id}/trace', { params: { path: { id: r.roastId } } })),
      ),
    )
    return { data: all.flatMap((a) => (a.data ? [a.data] : [])) }
  },
  () => later.value.map((r) => r.roastId).join(),
)
const busy = ref(false)
const failure = ref<Failure>()

/** One table at a time, however often the button is pressed. */
async function prove(roastId: number) {
  if (busy.value) {
    return
  }
  busy.value = true
  const body = { roastId, cause: props.finding.cause }
  const laid = await answer(api.POST('/api/roasts/{id}/trace/proof', { ...at(), body }))
  busy.value = false
  failure.value = laid.failure
  if (laid.data) {
    await goOn(`/cupping/${laid.data.cuppingId}`)
  }
}

async function followed(roastId: number, planId: number) {
  const said = await answer(
    api.PUT('/api/roasts/{id}/followed', { params: { path: { id: roastId } }, body: { planId } }),
  )
  failure.value = said.failure
  await proofs.reload()
}

const proven = (roastId: number) =>
  proofs.data.value?.proofs.some((p) => p.afterId === roastId && p.outcome) ?? false

/** What the cup of a later roast says of the same cause. */
function came(roastId: number): string {
  const trace = traces.data.value?.find((t) => t.roastId === roastId)
  if (!trace || trace.cups === 0) {
    return 'not cupped yet'
  }
  const again = [...trace.findings, ...trace.folded].find((f) => f.cause === props.finding.cause)
  const score =
    trace.finalScore === undefined || props.score === undefined
      ? ''
      : `, ${trace.finalScore.toFixed(2)} (${scoreChange(trace.finalScore - props.score)})`
  return `${props.finding.label}: ${again?.chance ?? 'unlikely'}${score}`
}
</script>

<template>
  <section v-if="later.length || proofs.data.value?.proofs.length" class="proof">
    <h3 class="label">Prove it</h3>
    <ProvenLine v-for="p in proofs.data.value?.proofs" :key="p.cuppingId" :proof="p" />
    <ul class="later">
      <li v-for="r in later" :key="r.roastId">
        <span
          >Roast {{ r.number }}{{ r.planned ? ', by this plan' : ' after it' }}:
          <b>{{ came(r.roastId) }}</b></span
        >
        <v-btn
          :color="r.rested && !proven(r.roastId) ? 'primary' : undefined"
          :variant="r.planned && r.rested && !proven(r.roastId) ? 'flat' : 'outlined'"
          size="small"
          :loading="busy"
          @click="prove(r.roastId)"
          >{{ proven(r.roastId) ? 'Lay both again, blind' : 'Lay both, blind' }}</v-btn
        >
        <router-link
          class="plain"
          :to="`/cupping?roast=${roastId}&roast=${r.roastId}&kind=triangle&blind=coded`"
          >is there a difference at all?</router-link
        >
        <v-btn
          v-if="!r.planned && proofs.data.value?.plans.length"
          variant="text"
          size="small"
          @click="followed(r.roastId, proofs.data.value.plans[0]!.planId)"
          >It followed this plan</v-btn
        >
        <span v-for="w in r.warnings" :key="w" class="quiet warning">{{ w }}</span>
      </li>
    </ul>
    <p v-if="failure" class="ember" role="alert">
      {{ failure.problems[0]?.message ?? failure.message }}
    </p>
  </section>
</template>

<style scoped>
.proof {
  margin-top: 14px;
  display: grid;
  gap: 6px;
}
.later {
  list-style: none;
  padding: 0;
}
.later li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
  min-height: 44px;
}
.warning {
  flex-basis: 100%;
}
</style>
