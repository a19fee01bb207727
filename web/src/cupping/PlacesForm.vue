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
const laid = useLoad(() => answer(api.GET('/api/cuppings/{id}/key', path)))
const roasts = useLoad(() => answer(api.GET('/api/roasts')))
/** At each place one of what was laid, by its number in the list. */
const places = ref<{ at: (number | null)[] }>({ at: props.table.samples.map(() => null) })
const draft = useDraft(`places.${props.table.id}`, places)
const failure = ref<Failure>()
const sending = ref(false)
const names = computed(() =>
  (laid.data.value?.samples ?? []).map((s) => {
    const roast = roasts.data.value?.find((r) => r.id === s.roastId)
    return [roast ? roastName(roast) : s.outside?.name, s.treatment].filter(Boolean).join(', ')
  }),
)
/** What may stand at a place: what stands nowhere else. */
const offered = (place: number) =>
  names.value
    .map((title, value) => ({ title, value }))
    .filter((o) => !places.value.at.some((taken, other) => other !== place && taken === o.value))
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
        const s = laid.data.value!.samples[taken!]!
        return { place: i + 1, roastId: s.roastId, name: s.outside?.name, treatment: s.treatment }
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
    <p>Turn the bowls over, and say what stands at each place. From then on the scores are not changed.</p>
    <v-select
      v-for="(s, i) in table.samples"
      :key="s.code"
      v-model="places.at[i]"
      :items="offered(i)"
      :label="`Place ${s.code}`"
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
