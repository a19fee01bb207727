<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { roastName } from '@/shared/format/text'
import { useDraft } from '@/shared/kept/useDraft'

/** The bowls of a shuffled table are turned over: what stands at which place? */
const props = defineProps<{ table: Schemas['CuppingView'] }>()
const emit = defineEmits<{ matched: []; left: [] }>()
const path = { params: { path: { id: props.table.id } } }
// what stands under the cups is enough: only a table without marks asks for what was laid
const laid = useLoad(async () =>
  props.table.marks.length > 0
    ? { data: { samples: [], sets: [], warnings: [] } }
    : answer(api.GET('/api/cuppings/{id}/key', path)),
)
const roasts = useLoad(() => answer(api.GET('/api/roasts')))
const CUPS_A_SET = 3
/** Where something stands: places of the table, or the cups of each set. */
const spots = props.table.sets.length
  ? props.table.sets.flatMap((s) =>
      Array.from({ length: CUPS_A_SET }, (_, i) => ({
        set: s.set,
        place: i + 1,
        label: `Set ${s.set}, cup ${i + 1}`,
      })),
    )
  : props.table.samples.map((s, i) => ({ set: undefined, place: i + 1, label: `Place ${s.code}` }))
/** What stands under the cups; tables from before have none and are told by their coffees. */
const marked = props.table.marks.length > 0
/** At each place one of what was laid, by its number in the list. */
const places = ref<{ at: (number | null)[] }>({ at: spots.map(() => null) })
const draft = useDraft(`places.${props.table.id}`, places)
const failure = ref<Failure>()
const sending = ref(false)
const names = computed(() =>
  marked
    ? props.table.marks
    : (laid.data.value?.samples ?? []).map((s) => {
        const roast = roasts.data.value?.find((r) => r.id === s.roastId)
        return [roast ? roastName(roast) : s.outside?.name, s.treatment].filter(Boolean).join(', ')
      }),
)
/** What may stand at a place: what stands nowhere else. */
const offered = (place: number) =>
  names.value
    .map((title, value) => ({ title, value }))
    .filter(
      (o) =>
        props.table.sets.length ||
        !places.value.at.some((taken, other) => other !== place && taken === o.value),
    )
const complete = computed(() => places.value.at.every((v) => v !== null))

async function match() {
  if (sending.value || !complete.value) {
    return
  }
  sending.value = true
  const result = await answer(
    api.PUT('/api/cuppings/{id}/places', {
      ...path,
      body: places.value.at.map((taken, i) => {
        const { set, place } = spots[i]!
        if (marked) {
          return { set, place, mark: names.value[taken!] }
        }
        const s = laid.data.value!.samples[taken!]!
        return { set, place, roastId: s.roastId, name: s.outside?.name, treatment: s.treatment }
      }),
    }),
  )
  sending.value = false
  failure.value = result.failure
  if (!result.failure) {
    draft.done()
    emit('matched')
  }
}
</script>

<template>
  <form class="places" @submit.prevent="match">
    <p>
      Turn the {{ table.sets.length ? 'cups' : 'bowls' }} over, and say what stands under each. From then on
      what was given is not changed.
    </p>
    <v-select
      v-for="(s, i) in spots"
      :key="s.label"
      v-model="places.at[i]"
      :items="offered(i)"
      :label="s.label"
      hide-details
      clearable
    />
    <p v-if="failure" class="ember" role="alert">{{ failure.problems[0]?.message ?? failure.message }}</p>
    <div class="row">
      <v-btn type="submit" color="primary" :disabled="!complete" :loading="sending">So they stand</v-btn>
      <v-btn variant="text" @click="emit('left')">Not yet</v-btn>
    </div>
  </form>
</template>

<style scoped>
.places {
  display: grid;
  gap: 12px;
  max-width: 480px;
}
.row {
  display: flex;
  gap: 12px;
}
</style>
