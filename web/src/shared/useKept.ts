import { computed, onScopeDispose, ref, shallowRef } from 'vue'
import { useEventListener } from '@vueuse/core'
import type { Answer, Failure } from '@/shared/api/client'

/** Where a change stands on its way to the server. */
export type KeptState = 'kept' | 'changed' | 'saving' | 'failed'

/**
 * Keeps what is typed without being asked: a moment after the last change it is sent, one save at a time, each from the
 * version that the last one gave. What could not be kept stays on the page and can be sent again.
 */
export function useKept<V extends { version: number }>(
  save: (version: number) => Promise<Answer<V>>,
  onKept: (view: V) => void,
  delayMs = 450,
) {
  const state = ref<KeptState>('kept')
  const failure = shallowRef<Failure>()
  let version = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  let again = false

  /** Sets the version that the page was loaded with. */
  function loaded(at: number) {
    version = at
  }

  function changed() {
    clearTimeout(timer)
    again = state.value === 'saving'
    if (!again) {
      state.value = 'changed'
      timer = setTimeout(flush, delayMs)
    }
  }

  async function flush() {
    clearTimeout(timer)
    if (state.value === 'saving') {
      again = true
      return
    }
    state.value = 'saving'
    again = false
    const result = await save(version)
    failure.value = result.failure
    state.value = result.failure ? 'failed' : 'kept'
    if (result.data) {
      version = result.data.version
    }
    if (again) {
      await flush()
    } else if (result.data) {
      onKept(result.data)
    }
  }

  const pending = () => state.value === 'changed'
  useEventListener(window, 'beforeunload', (event) => {
    if (state.value !== 'kept') {
      void flush()
      event.preventDefault()
    }
  })
  onScopeDispose(() => {
    if (pending()) {
      void flush()
    }
  })

  const text = computed(
    () => ({ kept: 'Kept', changed: 'Keeping…', saving: 'Keeping…', failed: 'Not kept' })[state.value],
  )
  return { state, failure, text, loaded, changed, flush }
}
