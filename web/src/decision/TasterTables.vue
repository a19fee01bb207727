<script setup lang="ts">
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { useSend } from '@/shared/api/useSend'
import { moment } from '@/shared/format/text'
import { useGoOn } from '@/shared/useGoOn'

/** The batch taster's quick tables: three batches of a day beside the approved roast, blind. */
const props = defineProps<{ profile: Schemas['ProfileView'] }>()
const goOn = useGoOn()
const tables = useLoad(
  () => answer(api.GET('/api/profiles/{id}/tables', { params: { path: { id: props.profile.id } } })),
  () => props.profile.id,
)
const { sending, failure, send } = useSend()

async function lay() {
  const made = await send(() =>
    api.POST('/api/profiles/{id}/tables', { params: { path: { id: props.profile.id } }, body: {} }),
  )
  if (made.data) {
    await goOn(`/cupping/${made.data.cuppingId}`)
  }
}
</script>

<template>
  <section class="card">
    <h2>Tasted beside the approved roast</h2>
    <p v-if="!profile.referenceId" class="quiet">
      No approved roast stands with this profile: accept a roast of its plan, then begin the next version.
    </p>
    <v-btn v-else variant="outlined" :loading="sending" @click="lay"
      >Lay the newest three of a day, blind</v-btn
    >
    <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
    <div v-for="t in tables.data.value ?? []" :key="t.cuppingId" class="table">
      <router-link class="plain" :to="`/cupping/${t.cuppingId}`">Table {{ t.cuppingId }}</router-link>
      <span class="quiet">{{ t.laidBy }}, {{ moment(t.laidAt) }}</span>
      <p v-if="!t.batches.length" class="quiet">Not revealed yet.</p>
      <p v-for="b in t.batches" :key="b.roastId">
        <router-link class="plain" :to="b.passes === false ? `/trace/${b.roastId}` : `/roast/${b.roastId}`">{{
          b.title
        }}</router-link>
        {{ b.text }}
      </p>
    </div>
  </section>
</template>

<style scoped>
.table {
  margin-top: 10px;
}
.table p {
  margin: 2px 0;
}
</style>
