<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, type Failure } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { wordsOf, type Code } from '@/shared/format/words'

/** Tokens with which scripts call; each is shown once. */
const tokens = useLoad(() => answer(api.GET('/api/tokens')))
const name = ref('')
const ROLES = wordsOf('Role')
const role = ref<Code<'Role'>>('reader')
const failure = ref<Failure>()
const made = ref<{ name: string; token: string }>()

async function add() {
  const result = await answer(api.POST('/api/tokens', { body: { name: name.value, role: role.value } }))
  failure.value = result.failure
  if (result.data?.token) {
    made.value = { name: result.data.name, token: result.data.token }
    name.value = ''
  }
  await tokens.reload()
}
async function remove(id: number) {
  failure.value = (await answer(api.DELETE('/api/tokens/{id}', { params: { path: { id } } }))).failure
  await tokens.reload()
}
</script>

<template>
  <section class="card">
    <h2>Scripts</h2>
    <p class="quiet">
      A script sends its token as <code>Authorization: Bearer …</code> and may do what its role may.
    </p>
    <p v-if="made" class="made" role="status">
      Token of {{ made.name }}, shown this once: <code>{{ made.token }}</code>
    </p>
    <PageState
      :loading="tokens.loading.value"
      :failure="tokens.failure.value"
      :there="!!tokens.data.value"
      @retry="tokens.reload"
    >
      <p v-for="t in tokens.data.value" :key="t.id" class="token">
        <b>{{ t.name }}</b>
        <span class="quiet">{{ t.role }}, made by {{ t.madeBy }} on {{ t.madeAt.slice(0, 10) }}</span>
        <v-btn variant="text" :aria-label="`Take back the token of ${t.name}`" @click="remove(t.id)"
          >Take back</v-btn
        >
      </p>
    </PageState>
    <form class="add" @submit.prevent="add">
      <v-text-field
        v-model="name"
        label="Name of the script"
        maxlength="120"
        autocomplete="off"
        hide-details
      />
      <v-select v-model="role" :items="ROLES" label="Role" hide-details />
      <v-btn type="submit" variant="outlined" :disabled="!name.trim()">Make a token</v-btn>
    </form>
    <p v-if="failure" class="ember" role="alert">{{ failure.problems[0]?.message ?? failure.message }}</p>
  </section>
</template>

<style scoped>
.made {
  border: 1px solid var(--ember);
  padding: 10px;
  overflow-wrap: anywhere;
}
.token {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
}
.add {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 12px;
  align-items: center;
}
</style>
