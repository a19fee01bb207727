import { ref, toRaw, watch, type Ref } from 'vue'
import { dropDraft, readDraft, writeDraft } from './draft'

/**
 * A form that is sent by a button: until then, what is typed is kept in this browser and found again on coming back.
 * @param version of what is changed; 0 for what does not exist yet
 */
export function useDraft<C extends object>(key: string, form: Ref<C>, version = 0) {
  const found = ref(false)
  const draft = readDraft<C>(key)
  // a change of what somebody else has changed since is sent as one of the old version, so that the server says so
  const madeFrom = draft?.version ?? version
  if (draft) {
    form.value = { ...toRaw(form.value), ...draft.content }
    found.value = true
  }
  const stop = watch(form, (content) => writeDraft(key, { version: madeFrom, content }), { deep: true })

  /** The form was sent, or given up. */
  function done() {
    stop()
    dropDraft(key)
    found.value = false
  }
  return { found, madeFrom, done }
}
