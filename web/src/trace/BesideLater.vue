<script setup lang="ts">
import { computed } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { signed } from '@/shared/format/text'
import { likelyFirst } from './odds'

/** The old beside the new: what came of later roasts of the same lot, and a blind table for both. */
const props = defineProps<{
  roast: Schemas['RoastView']
  /** What the change is to mend, and how the old one scored. */
  finding: Schemas['FindingView']
  score?: number
}>()
const MOST = 3
const roasts = useLoad(() => answer(api.GET('/api/roasts')))
const later = computed(() =>
  (roasts.data.value ?? [])
    .filter(
      (r) => r.lotId === props.roast.lotId && r.id !== props.roast.id && r.roastedAt > props.roast.roastedAt,
    )
    .slice(0, MOST),
)
const traces = useLoad(
  async () => {
    const all = await Promise.all(
      later.value.map((r) => answer(api.GET('/api/roasts/{id}/trace', { params: { path: { id: r.id } } }))),
    )
    return { data: all.flatMap((a) => (a.data ? [a.data] : [])) }
  },
  () => later.value.map((r) => r.id).join(),
)
const table = (r: Schemas['RoastView'], kind: string) =>
  `/cupping?roast=${props.roast.id}&roast=${r.id}&kind=${kind}&blind=coded`

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
      : `, ${trace.finalScore.toFixed(2)} (${signed(trace.finalScore - props.score)})`
  return `${likelyFirst(again?.atWork ?? 0)} ${props.finding.label}${score}`
}
</script>

<template>
  <ul v-if="later.length" class="later">
    <li v-for="r in later" :key="r.id">
      <span
        >Roast {{ r.number }} after it: <b>{{ came(r.id) }}</b></span
      >
      <span class="quiet">beside it, blind:</span>
      <router-link class="plain" :to="table(r, 'triangle')">is there a difference?</router-link>
      <router-link class="plain" :to="table(r, 'scoring')">score both</router-link>
    </li>
  </ul>
</template>

<style scoped>
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
</style>
