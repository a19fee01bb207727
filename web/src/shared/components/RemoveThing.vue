<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, type Failure } from '@/shared/api/client'
import { useGoOn } from '@/shared/useGoOn'
import AskFirst from './AskFirst.vue'

/** Deletes what nothing stands on; what something stands on can be put aside, and is taken back from there. */
const props = defineProps<{
  kind: 'lots' | 'cuppings' | 'machines' | 'plans'
  id: number
  /** What it is called in a sentence, such as "this lot". */
  what: string
  /** Where one goes when it is gone. */
  after: string
}>()
const goOn = useGoOn()
const failure = ref<Failure>()
const busy = ref(false)
const params = () => ({ params: { path: { id: props.id } } })

const DELETE = {
  lots: () => api.DELETE('/api/lots/{id}', params()),
  cuppings: () => api.DELETE('/api/cuppings/{id}', params()),
  machines: () => api.DELETE('/api/machines/{id}', params()),
  plans: () => api.DELETE('/api/plans/{id}', params()),
}
const body = { aside: true }
const ASIDE = {
  lots: () => api.PUT('/api/lots/{id}/aside', { ...params(), body }),
  cuppings: () => api.PUT('/api/cuppings/{id}/aside', { ...params(), body }),
  machines: () => api.PUT('/api/machines/{id}/aside', { ...params(), body }),
  plans: () => api.PUT('/api/plans/{id}/aside', { ...params(), body }),
}

async function gone(send: () => Promise<unknown>) {
  if (busy.value) {
    return
  }
  busy.value = true
  const result = await answer(send() as ReturnType<(typeof DELETE)['lots']>)
  busy.value = false
  failure.value = result.failure
  if (!result.failure) {
    await goOn(props.after)
  }
}
</script>

<template>
  <span class="remove">
    <AskFirst
      label="Delete"
      :question="`Delete ${what}? It cannot be brought back.`"
      does="Delete it"
      @yes="gone(DELETE[kind])"
    />
    <template v-if="failure">
      <span class="ember" role="alert">{{ failure.message }}</span>
      <v-btn v-if="failure.status === 409" variant="outlined" :loading="busy" @click="gone(ASIDE[kind])"
        >Put it aside</v-btn
      >
    </template>
  </span>
</template>

<style scoped>
.remove {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}
</style>
