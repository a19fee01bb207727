<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, problemAt, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { wordsOf, type Code } from '@/shared/format/words'

/** The accounts of the lab, for the lead. */
type Person = Schemas['PersonView']
const people = useLoad(() => answer(api.GET('/api/people')))
const name = ref('')
const ROLES = wordsOf('Role')
const role = ref<Code<'Role'>>('roaster')
const password = ref('')
const renewed = ref('')
const failure = ref<Failure>()
const done = ref('')
const asking = ref<{ person: Person; about: 'password' | 'removing' }>()

async function after(result: { failure?: Failure }, said: string) {
  failure.value = result.failure
  done.value = result.failure ? '' : said
  if (!result.failure) {
    asking.value = undefined
  }
  await people.reload()
  return !result.failure
}
async function add() {
  const body = { name: name.value, role: role.value, password: password.value }
  if (await after(await answer(api.POST('/api/people', { body })), `${name.value} may sign in.`)) {
    name.value = password.value = ''
  }
}
const at = (p: Person) => ({ params: { path: { id: p.id } } })
const setRole = async (p: Person, to: Code<'Role'>) =>
  after(
    await answer(api.PUT('/api/people/{id}', { ...at(p), body: { role: to, version: p.version } })),
    `${p.name} is ${to} from now on.`,
  )
const signOut = async (p: Person) =>
  after(await answer(api.DELETE('/api/people/{id}/sessions', at(p))), `${p.name} is signed out everywhere.`)
const remove = async (p: Person) =>
  after(
    await answer(api.DELETE('/api/people/{id}', at(p))),
    `${p.name} has no account any more; what ${p.name} gave stays.`,
  )
const setPassword = async (p: Person) =>
  after(
    await answer(api.PUT('/api/people/{id}/password', { ...at(p), body: { password: renewed.value } })),
    `Tell ${p.name} the new password.`,
  )
function ask(person: Person, about: 'password' | 'removing') {
  renewed.value = ''
  failure.value = undefined
  asking.value = { person, about }
}
</script>

<template>
  <section class="card">
    <h2>Accounts</h2>
    <PageState
      :loading="people.loading.value"
      :failure="people.failure.value"
      :there="!!people.data.value"
      @retry="people.reload"
    >
      <table class="list">
        <thead>
          <tr>
            <th>Name</th>
            <th>Role</th>
            <th>Signed in</th>
            <th><span class="d-sr-only">what to do</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="p in people.data.value" :key="p.id">
            <td>{{ p.name }}</td>
            <td>
              <v-select
                :model-value="p.role"
                :items="ROLES"
                :aria-label="`Role of ${p.name}`"
                density="compact"
                hide-details
                @update:model-value="setRole(p, $event)"
              />
            </td>
            <td class="quiet">
              {{ p.devices === 0 ? '–' : p.devices === 1 ? '1 device' : `${p.devices} devices` }}
            </td>
            <td class="acts">
              <v-btn variant="text" :disabled="!p.devices" @click="signOut(p)">Sign out</v-btn>
              <v-btn variant="text" @click="ask(p, 'password')">New password</v-btn>
              <v-btn variant="text" @click="ask(p, 'removing')">Remove</v-btn>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="failure && !asking" class="ember" role="alert">
        {{ failure.problems[0]?.message ?? failure.message }}
      </p>
      <p class="quiet" role="status">{{ done }}</p>
    </PageState>
    <h3>Add somebody</h3>
    <form class="add" @submit.prevent="add">
      <v-text-field v-model="name" label="Name" maxlength="120" autocomplete="off" hide-details />
      <v-select v-model="role" :items="ROLES" label="Role" hide-details />
      <v-text-field
        v-model="password"
        label="First password, at least 10 characters"
        type="password"
        autocomplete="new-password"
        hide-details
      />
      <v-btn type="submit" color="primary" :disabled="!name.trim() || !password">Add</v-btn>
    </form>
    <p class="quiet">{{ ROLES.find((r) => r.value === role)?.meaning }}</p>
    <v-dialog :model-value="!!asking" max-width="460" @update:model-value="asking = undefined">
      <form
        v-if="asking"
        class="card ask"
        @submit.prevent="asking.about === 'password' ? setPassword(asking.person) : remove(asking.person)"
      >
        <template v-if="asking.about === 'password'">
          <h2>A new password for {{ asking.person.name }}</h2>
          <p class="quiet">{{ asking.person.name }} is signed out everywhere.</p>
          <v-text-field
            v-model="renewed"
            label="New password, at least 10 characters"
            type="password"
            autocomplete="new-password"
            autofocus
            :error-messages="problemAt(failure, 'password')"
            hide-details="auto"
          />
        </template>
        <template v-else>
          <h2>Remove {{ asking.person.name }}’s account?</h2>
          <p>
            Scores and logs stay under this name. Tokens that {{ asking.person.name }} made open nothing any
            more.
          </p>
          <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
        </template>
        <div class="row">
          <v-btn type="submit" color="primary">{{
            asking.about === 'password' ? 'Set it' : 'Remove the account'
          }}</v-btn>
          <v-btn variant="outlined" @click="asking = undefined">Leave it</v-btn>
        </div>
      </form>
    </v-dialog>
  </section>
</template>

<style scoped>
.list {
  width: 100%;
  border-collapse: collapse;
}
.list td,
.list th {
  text-align: left;
  padding: 6px 12px 6px 0;
  border-bottom: 1px solid var(--line);
}
.acts {
  text-align: right;
}
.add {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 12px;
  align-items: center;
  margin: 8px 0;
}
.ask {
  display: grid;
  gap: 14px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
