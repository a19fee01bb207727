<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import AskFirst from '@/shared/components/AskFirst.vue'
import RemoveThing from '@/shared/components/RemoveThing.vue'
import { useGoOn } from '@/shared/useGoOn'
import { useWho } from '@/shared/who'

/** A lot that was entered twice goes into the other; one that nothing stands on is deleted. */
const props = defineProps<{ lot: Schemas['LotView'] }>()
const goOn = useGoOn()
const who = useWho()
const asking = ref(false)
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
    <RemoveThing v-if="!asking" :id="lot.id" kind="lots" what="this lot" after="/green" />
    <span v-if="failure" class="ember" role="alert">{{ failure.message }}</span>
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
