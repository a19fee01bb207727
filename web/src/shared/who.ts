import { computed, ref, shallowRef } from 'vue'
import { defineStore } from 'pinia'
import { answer, api, whenSignedOut, type Answer, type Schemas } from '@/shared/api/client'

type Session = Schemas['SessionView']

/** Who is signed in, and whether somebody must be. */
export const useWho = defineStore('who', () => {
  const session = shallowRef<Session>()
  /** Whether somebody must say who they are before anything else. */
  const needed = computed(() => !!session.value && !session.value.name && !session.value.open)
  const lead = computed(() => session.value?.role === 'lead')
  /** Whether whoever sits here may do what these roles may; in an open lab everybody may everything. */
  const is = (...roles: string[]) => !session.value?.role || roles.includes(session.value.role)
  const leads = computed(() => is('lead'))
  const prepares = computed(() => is('lead', 'roaster'))
  const cups = computed(() => is('lead', 'cupper'))

  /** Asked once; a server that does not answer is told of by the pages themselves. */
  const known = ref(false)
  /** Whether a page stays open under the question who it is: nothing typed on it is lost when a session ends. */
  const shown = ref(false)

  function keep(result: Answer<Session>) {
    session.value = result.data ?? session.value
    return result.failure
  }
  async function refresh() {
    const failure = keep(await answer(api.GET('/api/session')))
    known.value = true
    shown.value ||= !needed.value
    return failure
  }
  const signIn = async (name: string, password: string) =>
    keep(await answer(api.POST('/api/session', { body: { name, password } })))
  const makeFirst = async (body: Schemas['CodeEntry']) =>
    keep(await answer(api.POST('/api/session/first', { body })))
  const recover = async (body: Schemas['CodeEntry']) =>
    keep(await answer(api.POST('/api/session/recovery', { body })))

  async function signOut(everywhere: boolean) {
    const result = await answer(api.DELETE(everywhere ? '/api/session/everywhere' : '/api/session'))
    // who leaves on purpose leaves nothing on the screen
    shown.value = false
    await refresh()
    return result.failure
  }

  // a session that ended meanwhile: what is on the page stays, and is asked for again after signing in
  whenSignedOut(() => void refresh())
  return {
    session,
    needed,
    known,
    shown,
    lead,
    leads,
    prepares,
    cups,
    refresh,
    signIn,
    makeFirst,
    recover,
    signOut,
  }
})
