<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { useWaiting } from '@/shared/waiting'
import { useWho } from '@/shared/who'
import JudgeFirst from './JudgeFirst.vue'
import TracePage from './TracePage.vue'

/** The trace of a roast; where its cup was drawn to be judged first, that comes before the answer. */
const id = Number(useRoute().params.id)
const who = useWho()
const waiting = useWaiting()
const toJudge = useLoad(() =>
  answer(api.GET('/api/roasts/{id}/trace/judge-first', { params: { path: { id } } })),
)
const first = computed(() => !!toJudge.data.value?.first && who.leads)

async function judged() {
  await Promise.all([toJudge.reload(), waiting.refresh()])
}
</script>

<template>
  <PageState
    :loading="toJudge.loading.value"
    :failure="toJudge.failure.value"
    :there="!!toJudge.data.value"
    @retry="toJudge.reload"
  >
    <JudgeFirst v-if="first" :roast-id="id" @done="judged" />
    <TracePage v-else />
  </PageState>
</template>
