<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import AskFirst from '@/shared/components/AskFirst.vue'
import RemoveThing from '@/shared/components/RemoveThing.vue'
import { isoDay } from '@/shared/format/text'
import { useGoOn } from '@/shared/useGoOn'
import { useWho } from '@/shared/who'

/** A lot that was entered twice goes into the other; one that nothing stands on is deleted. */
const props = defineProps<{ lot: Schemas['LotView'] }>()
const goOn = useGoOn()
const who = useWho()
const asking = ref(false)
const emit = defineEmits<{ changed: [] }>()
const reworking = ref(false)
const rework = reactive({
  on: props.lot.reworkedOn ?? isoDay(new Date()),
  what: props.lot.rework ?? 'sorted again',
})

/** Without a day it is the lot as it came again. */
async function reworked(on: string | undefined) {
  const result = await answer(
    api.PUT('/api/lots/{id}/rework', {
      params: { path: { id: props.lot.id } },
      body: on ? { on, what: rework.what } : {},
    }),
  )
  failure.value = result.failure
  if (!result.failure) {
    reworking.value = false
    emit('changed')
  }
}
const into = ref<number>()
const failure = ref<Failure>()
const lots = useLoad(
  async () => (asking.value ? await answer(api.GET('/api/lots')) : { data: [] }),
  () => asking.value,
)
const others = computed(() =>
  (lots.data.value ?? [])
    .filter((l) => l.id !== props.lot.id)
    .map((l) => ({ value: l.id, title: `${l.name}, ${l.supplier}` })),
)

async function merge() {
  const result = await answer(
    api.POST('/api/lots/{id}/merged', {
      params: { path: { id: props.lot.id } },
      body: { into: into.value! },
    }),
  )
  failure.value = result.failure
  if (!result.failure) {
    await goOn(`/green/${into.value}`)
  }
}
</script>

<template>
  <div v-if="who.prepares" class="correct">
    <template v-if="asking">
      <v-select v-model="into" :items="others" label="It is the same as" hide-details class="into" />
      <AskFirst
        v-if="into"
        label="Make them one"
        :question="`Everything of ${lot.name} goes to the other lot, and this one is gone. It cannot be undone.`"
        does="Make them one"
        @yes="merge"
      />
      <v-btn variant="text" @click="asking = false">Cancel</v-btn>
    </template>
    <v-btn v-else-if="who.leads" variant="text" @click="asking = true">Entered twice…</v-btn>
    <form v-if="reworking" class="correct" @submit.prevent="reworked(rework.on)">
      <v-text-field v-model="rework.on" type="date" label="Reworked on" hide-details class="into" />
      <v-text-field v-model="rework.what" label="What was done" hide-details class="into" />
      <v-btn type="submit" color="primary">Keep it</v-btn>
      <v-btn v-if="lot.reworkedOn" variant="text" @click="reworked(undefined)">It was not</v-btn>
      <v-btn variant="text" @click="reworking = false">Cancel</v-btn>
    </form>
    <v-btn v-else-if="!asking" variant="text" @click="reworking = true">Sorted again or re-milled…</v-btn>
    <RemoveThing v-if="!asking && !reworking" :id="lot.id" kind="lots" what="this lot" after="/green" />
    <span v-if="failure" class="ember" role="alert">{{
      failure.problems[0]?.message ?? failure.message
    }}</span>
  </div>
</template>

<style scoped>
.correct {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin-top: 14px;
}
.into {
  max-width: 340px;
  min-width: 220px;
}
</style>
