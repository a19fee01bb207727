<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, type Failure } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { moment, plural, roastName } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import SheetForm from './SheetForm.vue'

/** One cupping: its samples side by side, and the sheet of the one in hand. */
const route = useRoute()
const preferences = usePreferences()
const id = Number(route.params.id)
const cupping = useLoad(() => answer(api.GET('/api/cuppings/{id}', { params: { path: { id } } })))
const roasts = useLoad(() => answer(api.GET('/api/roasts')))
const vocabulary = useLoad(() => answer(api.GET('/api/vocabulary')))
const inHand = ref<number>()
const failure = ref<Failure>()
const shown = ref(0)

const samples = computed(() =>
  (cupping.data.value?.roastIds ?? []).map((roastId) => {
    const roast = roasts.data.value?.find((r) => r.id === roastId)
    const sheet = cupping.data.value?.sheets.find((s) => s.roastId === roastId)
    return { roastId, sheet, name: roast ? roastName(roast) : `roast ${roastId}` }
  }),
)
const warnings = computed(() =>
  (cupping.data.value?.warnings ?? []).map((w) => ({
    text: w.text,
    name: samples.value.find((s) => s.roastId === w.roastId)?.name,
  })),
)
const current = computed(() => samples.value.find((s) => s.roastId === inHand.value))

// once: taking a sample in hand loads the table again, and a form drawn anew would lose the focus of who is typing
watch(
  () => cupping.data.value,
  (data) => {
    const asked = data?.sheets.find((s) => s.id === Number(route.query.sheet))
    void take(asked?.roastId ?? data?.roastIds[0])
  },
  { once: true },
)

/** Takes a sample in hand; its sheet is opened when it has none. */
async function take(roastId: number | undefined) {
  if (roastId === undefined) {
    return
  }
  if (!cupping.data.value?.sheets.some((s) => s.roastId === roastId)) {
    const result = await answer(
      api.POST('/api/cuppings/{id}/sheets', {
        params: { path: { id } },
        body: { roastId, cupper: lastCupper() },
      }),
    )
    failure.value = result.failure
  }
  await reload()
  inHand.value = roastId
}

async function reload() {
  await cupping.reload()
  shown.value++
}

function lastCupper(): string {
  return cupping.data.value?.sheets[0]?.cupper ?? ''
}
</script>

<template>
  <PageState
    :loading="cupping.loading.value"
    :failure="cupping.failure.value ?? roasts.failure.value ?? vocabulary.failure.value ?? failure"
    :there="!!cupping.data.value && !!vocabulary.data.value && !!roasts.data.value"
    @retry="(cupping.reload(), roasts.reload(), vocabulary.reload())"
  >
    <template v-if="cupping.data.value">
      <div class="page-head">
        <h1>{{ current?.name ?? 'Cupping' }}</h1>
        <span class="quiet">
          {{ moment(cupping.data.value.cuppedAt) }} · {{ plural(cupping.data.value.cups, 'cup') }} · 100-point
          form
        </span>
        <span class="spacer" />
        <v-btn v-if="current" color="primary" :to="`/trace/${current.roastId}`">Trace</v-btn>
      </div>
      <ul v-if="warnings.length" class="card warnings" aria-label="Rest of the samples">
        <li v-for="w in warnings" :key="w.text + w.name">
          <b>{{ w.name }}.</b> {{ w.text }}
        </li>
      </ul>
      <nav v-if="samples.length > 1" class="samples" aria-label="Samples on the table">
        <v-btn
          v-for="s in samples"
          :key="s.roastId"
          :variant="s.roastId === inHand ? 'flat' : 'outlined'"
          :color="s.roastId === inHand ? 'primary' : undefined"
          :aria-pressed="s.roastId === inHand"
          @click="take(s.roastId)"
          >{{ s.name }}</v-btn
        >
      </nav>
      <SheetForm
        v-if="current?.sheet"
        :key="`${current.sheet.id}-${shown}`"
        :sheet="current.sheet"
        :vocabulary="vocabulary.data.value ?? []"
        @reload="reload"
      />
      <p class="caution mt-4">
        Water at {{ preferences.wholeTemperature(93) }} scalds: let the cups fall below
        {{ preferences.wholeTemperature(65) }} before tasting, drinks hotter than that are classed as probably
        carcinogenic. Rinse the spoon between cups, and spit. Do not taste what is visibly mouldy or smells of
        chemicals.
      </p>
    </template>
  </PageState>
</template>

<style scoped>
.warnings {
  list-style: none;
  border-left: 4px solid var(--ember);
  margin-bottom: 14px;
}
.samples {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-bottom: 14px;
}
</style>
