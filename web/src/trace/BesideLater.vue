<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { day } from '@/shared/format/text'
import { useGoOn } from '@/shared/useGoOn'
import { scoreChange } from './proofs'
import ProvenLine from './ProvenLine.vue'

/** The change proven: old and new roasts of the same lot on one blind table, and what it showed. */
const props = defineProps<{
  roastId: number
  /** What the change is to mend, and how the old one scored. */
  finding: Schemas['FindingView']
  score?: number
}>()
const goOn = useGoOn()
const at = () => ({ params: { path: { id: props.roastId } } })
const proofs = useLoad(() => answer(api.GET('/api/roasts/{id}/trace/proofs', at())))
const others = computed(() => proofs.data.value?.others ?? [])
/** What lies on each side; left alone, what followed the plans, else the newest. */
const sides = reactive<{ before?: number[]; after?: number[] }>({})
const before = computed({
  get: () => sides.before ?? others.value.filter((r) => r.samePlan).map((r) => r.roastId),
  set: (ids) => (sides.before = ids),
})
const after = computed({
  get: () => {
    const planned = later.value.filter((r) => r.planned)
    return sides.after ?? (planned.length ? planned : later.value.slice(0, 1)).map((r) => r.roastId)
  },
  set: (ids) => (sides.after = ids),
})
/** A roast lies on one side only. */
const other = computed(() => others.value.filter((r) => !after.value.includes(r.roastId)))
const laid = computed(() => before.value.filter((id) => !after.value.includes(id)))
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
async function prove() {
  if (busy.value || !after.value.length) {
    return
  }
  busy.value = true
  const body = { before: laid.value, after: after.value, cause: props.finding.cause }
  const table = await answer(api.POST('/api/roasts/{id}/trace/proof', { ...at(), body }))
  busy.value = false
  failure.value = table.failure
  if (table.data) {
    await goOn(`/cupping/${table.data.cuppingId}`)
  }
}

async function followed(roastId: number, planId: number) {
  const said = await answer(
    api.PUT('/api/roasts/{id}/followed', { params: { path: { id: roastId } }, body: { planId } }),
  )
  failure.value = said.failure
  await proofs.reload()
}

const proven = computed(() => proofs.data.value?.proofs.some((p) => p.outcome) ?? false)
const rested = computed(() => later.value.every((r) => r.rested || !after.value.includes(r.roastId)))
const layLabel = computed(() => {
  const all = laid.value.length + 1 + after.value.length
  return `Lay ${all === 2 ? 'both' : `all ${all}`}${proven.value ? ' again' : ''}, blind`
})

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
        <v-checkbox v-model="after" :value="r.roastId" density="compact" hide-details class="pick">
          <template #label>
            <span
              >Roast {{ r.number }}{{ r.planned ? ', by this plan' : ' after it' }}:
              <b>{{ came(r.roastId) }}</b></span
            >
          </template>
        </v-checkbox>
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
    <template v-if="later.length">
      <details v-if="other.length" :open="laid.length > 0">
        <summary>Other roasts made the old way ({{ laid.length }})</summary>
        <v-checkbox
          v-for="r in other"
          :key="r.roastId"
          v-model="before"
          :value="r.roastId"
          :label="`Roast ${r.number}, ${day(r.roastedAt)}${r.samePlan ? ', by the same plan' : ''}`"
          density="compact"
          hide-details
        />
      </details>
      <p class="quiet">
        {{ laid.length + 1 }} old and {{ after.length }} new. {{ proofs.data.value?.batches }} of each can
        confirm a change; fewer give an estimate.
      </p>
      <div>
        <v-btn
          :color="rested && !proven ? 'primary' : undefined"
          :variant="rested && !proven ? 'flat' : 'outlined'"
          size="small"
          :loading="busy"
          :disabled="!after.length"
          @click="prove"
          >{{ layLabel }}</v-btn
        >
      </div>
    </template>
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
.pick {
  flex: none;
}
.warning {
  flex-basis: 100%;
}
</style>
