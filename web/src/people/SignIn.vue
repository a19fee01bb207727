<script setup lang="ts">
import { computed, ref } from 'vue'
import { problemAt, type Failure } from '@/shared/api/client'
import { useWho } from '@/shared/who'

/** The way in: signing in, the first account of a lab that has none, or a lead's new password. */
const who = useWho()
const emit = defineEmits<{ done: [] }>()
const name = ref('')
const password = ref('')
const code = ref('')
const lost = ref(false)
const sending = ref(false)
const failure = ref<Failure>()

const first = computed(() => !who.session?.accounts)
const asksForCode = computed(() => lost.value || (first.value && !!who.session?.code))
const heading = computed(() =>
  first.value ? 'The first account' : lost.value ? 'A new password' : 'Sign in',
)

async function send() {
  if (sending.value) {
    return
  }
  sending.value = true
  const body = { name: name.value, password: password.value, code: code.value || undefined }
  failure.value = await (first.value
    ? who.makeFirst(body)
    : lost.value
      ? who.recover(body)
      : who.signIn(name.value, password.value))
  sending.value = false
  if (!failure.value) {
    password.value = ''
    emit('done')
  }
}
</script>

<template>
  <form class="card way-in" @submit.prevent="send">
    <h1>{{ heading }}</h1>
    <p v-if="first" class="quiet">
      Whoever makes it is the lead and gives the others theirs. From then on everybody says who they are.
    </p>
    <p v-if="lost" class="quiet">
      On the lab’s computer, end Barrowmist and start it with BARROWMIST_RECOVER=yes: it prints a code with
      which a lead takes a new password. Anybody else asks the lead.
    </p>
    <v-text-field
      v-model="name"
      label="Your name"
      maxlength="120"
      autocomplete="username"
      :error-messages="problemAt(failure, 'name')"
      hide-details="auto"
    />
    <v-text-field
      v-model="password"
      :label="first || lost ? 'New password, at least 10 characters' : 'Password'"
      type="password"
      :autocomplete="first || lost ? 'new-password' : 'current-password'"
      :error-messages="problemAt(failure, 'password')"
      hide-details="auto"
    />
    <v-text-field
      v-if="asksForCode"
      v-model="code"
      label="Code that Barrowmist printed when it started"
      maxlength="20"
      autocomplete="off"
      autocapitalize="characters"
      spellcheck="false"
      :error-messages="problemAt(failure, 'code')"
      hide-details="auto"
    />
    <p v-if="failure && !failure.problems.length" class="ember" role="alert">{{ failure.message }}</p>
    <v-btn
      type="submit"
      color="primary"
      size="x-large"
      :disabled="!name.trim() || !password"
      :loading="sending"
      >{{ first ? 'Make the account' : lost ? 'Take this password' : 'Sign in' }}</v-btn
    >
    <v-btn v-if="!first" variant="text" @click="lost = !lost">{{
      lost ? 'Back to signing in' : 'Password lost'
    }}</v-btn>
    <p v-if="!first" class="quiet">
      To cup at a table no account is needed:
      <router-link to="/join" class="plain">join it with its code</router-link>.
    </p>
  </form>
</template>

<style scoped>
.way-in {
  display: grid;
  gap: 16px;
  width: min(460px, 100%);
  margin: 24px auto;
}
</style>
