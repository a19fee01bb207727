<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { day, roastName } from '@/shared/format/text'
import { found } from './standings'

/** Other cupped roasts whose curve is most like this one, and what came of them; up to three are laid beside it. */
const props = defineProps<{ roastId: number }>()
const MOST = 3
const like = useLoad(() =>
  answer(api.GET('/api/roasts/{id}/trace/like', { params: { path: { id: props.roastId } } })),
)
const chosen = ref<number[]>([])
const beside = computed(() => ({
  path: '/trace/beside',
  query: { id: [props.roastId, ...chosen.value] },
}))
const percent = (l: Schemas['LikeRoast']) => `${Math.round(100 * l.likeness)} %`
</script>

<template>
  <section v-if="like.data.value?.length" class="card">
    <h2 class="label mb-2">Curves most like this one, and what they tasted of</h2>
    <ul>
      <li v-for="l in like.data.value" :key="l.roast.roastId">
        <v-checkbox
          v-model="chosen"
          :value="l.roast.roastId"
          :disabled="chosen.length >= MOST && !chosen.includes(l.roast.roastId)"
          :aria-label="`Lay ${roastName(l.roast)} beside it`"
          density="compact"
          hide-details
        />
        <span class="like">{{ percent(l) }}</span>
        <span
          ><router-link class="plain" :to="`/trace/${l.roast.roastId}`">{{ roastName(l.roast) }}</router-link>
          <span class="quiet day">{{ day(l.roast.roastedAt) }}</span></span
        >
        <span class="what">{{ found(l.roast) }}</span>
        <span class="num">{{ l.roast.finalScore?.toFixed(2) ?? '–' }}</span>
      </li>
    </ul>
    <v-btn variant="outlined" size="small" :disabled="!chosen.length" :to="beside">Side by side</v-btn>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin-bottom: 8px;
}
li {
  display: grid;
  grid-template-columns: 36px 48px minmax(0, 1.2fr) minmax(0, 1fr) 56px;
  gap: 8px;
  align-items: center;
  min-height: 40px;
}
@media (max-width: 640px) {
  li {
    grid-template-columns: 36px 48px minmax(0, 1fr) 56px;
  }
  .what {
    grid-row: 2;
    grid-column: 3;
  }
}
.day {
  margin-left: 8px;
}
.like,
.num {
  font-variant-numeric: tabular-nums;
  text-align: right;
}
</style>
