<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, problemAt, type Failure } from '@/shared/api/client'
import { useWho } from '@/shared/who'
import { meaningOf } from '@/shared/format/words'

/** Whoever is signed in: their password, and signing out. */
const who = useWho()
const old = ref('')
const password = ref('')
const failure = ref<Failure>()
const done = ref('')

async function change() {
  const result = await answer(
    api.PUT('/api/session/password', { body: { old: old.value, password: password.value } }),
  )
  failure.value = result.failure
  done.value = result.failure ? '' : 'The password is changed; other devices are signed out.'
  if (!result.failure) {
    old.value = password.value = ''
  }
}
async function out(everywhere: boolean) {
  failure.value = await who.signOut(everywhere)
}
</script>

<template>
  <section class="card own">
    <h2>{{ who.session?.name }}</h2>
    <p class="quiet">{{ who.session?.role && meaningOf('Role', who.session.role) }}</p>
    <div class="row">
      <v-btn color="primary" @click="out(false)">Sign out</v-btn>
      <v-btn variant="outlined" @click="out(true)">Sign out on every device</v-btn>
    </div>
    <form class="own" @submit.prevent="change">
      <v-text-field
        v-model="old"
        label="Password so far"
        type="password"
        autocomplete="current-password"
        :error-messages="problemAt(failure, 'old')"
        hide-details="auto"
      />
      <v-text-field
        v-model="password"
        label="New password, at least 10 characters"
        type="password"
        autocomplete="new-password"
        :error-messages="problemAt(failure, 'password')"
        hide-details="auto"
      />
      <v-btn type="submit" variant="outlined" :disabled="!old || !password">Change the password</v-btn>
    </form>
    <p v-if="failure && !failure.problems.length" class="ember" role="alert">{{ failure.message }}</p>
    <p class="quiet" role="status">{{ done }}</p>
  </section>
</template>

<style scoped>
.own {
  display: grid;
  gap: 14px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
