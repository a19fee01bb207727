<script setup lang="ts">
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useStorage } from '@vueuse/core'
import { answer, api, type Failure } from '@/shared/api/client'
import { keepSeat, leaveSeat } from './seat'

/** A cupper's own device: the table's code and a name are all it takes. */
const router = useRouter()
// behind the #, so that it stands in no log of a server
const code = ref(useRoute().hash.slice(1))
const name = useStorage('barrowmist.cupper', '')
const sending = ref(false)
const failure = ref<Failure>()
leaveSeat()

async function join() {
  if (sending.value) {
    return
  }
  sending.value = true
  const result = await answer(
    api.POST('/api/cuppings/join', { body: { joinCode: code.value, cupper: name.value } }),
  )
  sending.value = false
  failure.value = result.failure
  if (result.data) {
    keepSeat(result.data.cuppingId, result.data.token)
    await router.replace(`/table/${result.data.cuppingId}`)
  }
}
</script>

<template>
  <form class="card join" @submit.prevent="join">
    <h1>Join a table</h1>
    <p class="quiet">The code stands on the lead’s screen.</p>
    <v-text-field
      v-model="code"
      label="Code of the table"
      maxlength="10"
      autocomplete="off"
      autocapitalize="characters"
      spellcheck="false"
      hide-details
      class="code"
    />
    <v-text-field v-model="name" label="Your name" maxlength="120" autocomplete="off" hide-details />
    <p v-if="failure" class="ember" role="alert">{{ failure.problems[0]?.message ?? failure.message }}</p>
    <v-btn
      type="submit"
      color="primary"
      size="x-large"
      :disabled="!code.trim() || !name.trim()"
      :loading="sending"
      >Sit down</v-btn
    >
  </form>
</template>

<style scoped>
.join {
  display: grid;
  gap: 16px;
  max-width: 460px;
  margin: 24px auto;
}
.code :deep(input) {
  font-size: 1.5rem;
  letter-spacing: 0.18em;
  text-transform: uppercase;
}
</style>
