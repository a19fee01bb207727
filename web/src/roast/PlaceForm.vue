<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { localTime, momentOf } from '@/shared/format/localTime'
import { useWho } from '@/shared/who'

/** Mends of which lot a roast was made, and when; says where the same log is kept again. */
const props = defineProps<{ roast: Schemas['RoastView'] }>()
const emit = defineEmits<{ changed: [] }>()
const who = useWho()
const asking = ref(false)
const lotId = ref(props.roast.lotId)
const at = ref(localTime(props.roast.roastedAt))
const failure = ref<Failure>()
const busy = ref(false)
const path = { params: { path: { id: props.roast.id } } }
const same = useLoad(() => answer(api.GET('/api/roasts/{id}/same-log', path)))
const lots = useLoad(
  async () => (asking.value ? await answer(api.GET('/api/lots')) : { data: [] }),
  () => asking.value,
)
const items = computed(() => (lots.data.value ?? []).map((l) => ({ value: l.id, title: l.name })))

async function keep() {
  const roastedAt = momentOf(at.value)
  if (busy.value || !roastedAt) {
    return
  }
  busy.value = true
  // minutes are all that the field shows: what was not touched keeps its seconds
  const touched = at.value !== localTime(props.roast.roastedAt)
  const body = { lotId: lotId.value, roastedAt: touched ? roastedAt : undefined }
  const result = await answer(api.PUT('/api/roasts/{id}/place', { ...path, body }))
  busy.value = false
  failure.value = result.failure
  if (!result.failure) {
    asking.value = false
    emit('changed')
  }
}
</script>

<template>
  <div>
    <p v-for="s in same.data.value" :key="s.roastId" class="ember">
      The same log is kept as
      <router-link class="plain" :to="`/roast/${s.roastId}`">{{ s.title }}</router-link>
      too: one of them may stand under the wrong lot.
    </p>
    <form v-if="asking" class="place" @submit.prevent="keep">
      <v-select v-model="lotId" :items="items" label="Roasted of" hide-details />
      <v-text-field v-model="at" type="datetime-local" label="Charged on" hide-details />
      <v-btn type="submit" color="primary" :loading="busy">Keep it</v-btn>
      <v-btn variant="text" @click="asking = false">Cancel</v-btn>
      <p v-if="failure" class="ember" role="alert">
        {{ failure.problems[0]?.message ?? failure.message }}
      </p>
    </form>
    <v-btn v-else-if="who.leads" variant="text" @click="asking = true">Wrong lot or day…</v-btn>
  </div>
</template>

<style scoped>
.place {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.place > :first-child {
  min-width: 240px;
}
</style>
