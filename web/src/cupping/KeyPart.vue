<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { moment, roastName } from '@/shared/format/text'
import { useWho } from '@/shared/who'
import KeyTable from './KeyTable.vue'
import { vFocus } from '@/shared/keyboard/vFocus'

/** The key of a blind table: for who prepares, and put away by a lead who cups and does not want to know. */
const props = defineProps<{
  table: Schemas['CuppingView']
  /** Somebody is to taste at this screen: the key is put away. */
  tasting?: boolean
}>()
const emit = defineEmits<{ changed: [] }>()
const who = useWho()
const key = ref<Schemas['TableKey']>()
const names = ref<Record<number, string>>({})
const asking = ref(false)
const reason = ref('')
const failure = ref<Failure>()
const path = computed(() => ({ params: { path: { id: props.table.id } } }))
const sealed = computed(() => !!props.table.seal && !props.table.seal.brokenAt)
watch(
  () => props.tasting,
  (now) => (key.value = now ? undefined : key.value),
)

async function showKey() {
  const [result, roasts] = await Promise.all([
    answer(api.GET('/api/cuppings/{id}/key', path.value)),
    answer(api.GET('/api/roasts')),
  ])
  failure.value = result.failure ?? roasts.failure
  key.value = result.data
  names.value = Object.fromEntries((roasts.data ?? []).map((r) => [r.id, roastName(r)]))
  asking.value = false
  emit('changed')
}
async function seal() {
  key.value = undefined
  failure.value = (await answer(api.PUT('/api/cuppings/{id}/seal', path.value))).failure
  emit('changed')
}
async function breakSeal() {
  const body = { reason: reason.value }
  failure.value = (await answer(api.POST('/api/cuppings/{id}/seal/break', { ...path.value, body }))).failure
  if (!failure.value) {
    reason.value = ''
    await showKey()
  }
}
</script>

<template>
  <div class="key">
    <p v-if="table.seal" class="quiet">
      The key was put away {{ moment(table.seal.sealedAt)
      }}<template v-if="table.seal.brokenAt"
        >, and fetched {{ moment(table.seal.brokenAt)
        }}<template v-if="table.seal.by"> by {{ table.seal.by }}</template
        >: {{ table.seal.reason }}</template
      >.
    </p>
    <p v-if="table.keySeenAt" class="quiet">The key was looked at, first {{ moment(table.keySeenAt) }}.</p>
    <KeyTable v-if="key" :keyed="key" :names="names" />
    <form v-if="asking && sealed" class="ask" @submit.prevent="breakSeal">
      <p>The key was put away so that whoever cups here does not know. Say why it is fetched:</p>
      <v-text-field v-model="reason" v-focus label="Why" maxlength="400" hide-details />
      <v-btn type="submit" color="primary" :disabled="!reason.trim()">Fetch the key</v-btn>
      <v-btn variant="text" @click="asking = false">Leave it</v-btn>
    </form>
    <div v-else-if="asking" class="ask">
      <p>The key is for whoever prepares the cups. That it was looked at is noted on the table.</p>
      <v-btn color="primary" @click="showKey">Show the key</v-btn>
      <v-btn variant="text" @click="asking = false">Leave it</v-btn>
    </div>
    <div v-else class="ask">
      <v-btn v-if="key" variant="text" @click="key = undefined">Hide the key</v-btn>
      <v-btn v-else-if="sealed && who.leads" variant="text" @click="asking = true">Fetch the key…</v-btn>
      <v-btn v-else-if="table.blind === 'coded' && who.prepares" variant="text" @click="asking = true"
        >Key…</v-btn
      >
      <v-btn
        v-if="who.leads && !sealed"
        variant="text"
        title="You cup too and do not want to know: it is fetched again only with a reason"
        @click="seal"
        >Put the key away from me</v-btn
      >
    </div>
    <p v-if="failure" class="ember" role="alert">{{ failure.problems[0]?.message ?? failure.message }}</p>
  </div>
</template>

<style scoped>
.key {
  display: grid;
  gap: 10px;
}
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
}
.ask .v-text-field {
  min-width: 280px;
}
</style>
