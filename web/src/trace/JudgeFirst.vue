<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue'
import { answer, api, type Failure } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { untold } from '@/roast/curveVerdicts'
import { loadWhole } from '@/roast/useRoast'
import { choicesOf } from '@/shared/format/words'
import VerdictForm from './VerdictForm.vue'

const RoastChart = defineAsyncComponent(() => import('@/shared/chart/RoastChart.vue'))

/** A cup that was drawn to be judged before its answer is read: its log, and the question. */
const props = defineProps<{ roastId: number }>()
const emit = defineEmits<{ done: [] }>()
const whole = useLoad(() => loadWhole(props.roastId))
const failure = ref<Failure>()
const causes = [...choicesOf('Cause'), { value: 'none', title: 'none of these, or nothing wrong' }]

async function show() {
  const read = await answer(
    api.PUT('/api/roasts/{id}/trace/shown', { params: { path: { id: props.roastId } } }),
  )
  failure.value = read.failure
  if (!read.failure) {
    emit('done')
  }
}
</script>

<template>
  <PageState
    :loading="whole.loading.value"
    :failure="whole.failure.value"
    :there="!!whole.data.value"
    @retry="whole.reload"
  >
    <template v-if="whole.data.value">
      <div class="page-head">
        <h1>{{ whole.data.value.roast.lotName }}, roast {{ whole.data.value.roast.number }}</h1>
        <span class="spacer" />
        <v-btn variant="text" :to="`/roast/${roastId}`">The roast</v-btn>
      </div>
      <section class="card">
        <h2>What was it?</h2>
        <p>
          This cup was drawn to be judged before the answer is shown: who has read an answer leans towards it.
          You have its log here, and what you tasted.
        </p>
        <VerdictForm :roast-id="roastId" :causes="causes" only @given="emit('done')" />
        <v-btn variant="text" @click="show">Show the answer without judging</v-btn>
        <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
      </section>
      <section class="card mt-4">
        <RoastChart
          :curve="whole.data.value.curve"
          :analysis="untold(whole.data.value.analysis)"
          :events="whole.data.value.roast.events"
          :height="440"
        />
      </section>
    </template>
  </PageState>
</template>
