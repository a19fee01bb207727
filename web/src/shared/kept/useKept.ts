import { computed, onScopeDispose, ref, shallowRef, toValue, type MaybeRefOrGetter } from 'vue'
import { useEventListener, useIntervalFn } from '@vueuse/core'
import type { Answer, Failure } from '@/shared/api/client'
import { provideSlips } from './slips'
import { dropDraft, readDraft, same, writeDraft } from './draft'

/**
 * Where a change stands on its way to the server: `here` is in this browser only, because the server does not take it
 * now; `refused` needs another value; `elsewhere` was changed in another window or by somebody else meanwhile.
 */
export type KeptState = 'kept' | 'changed' | 'saving' | 'here' | 'refused' | 'elsewhere'

/** What is kept, and how. */
export interface Keeping<C, V extends { version: number }> {
  /** Names it in this browser, such as `plan.7`. */
  key: MaybeRefOrGetter<string>
  /** What is on the page, as it is sent. */
  content: () => C
  /** Sends it; `version` is the one it was made from, left out where a person has decided to keep theirs. */
  save: (content: C, version: number | undefined) => Promise<Answer<V>>
  onKept?: (view: V) => void
  /** Nothing is sent while a field holds what is no number. */
  readable?: () => boolean
  delayMs?: number
}

const RETRY_MS = 3000
/** Nobody types this slowly within a number. */
const PAUSE_MS = 1500
const TYPED = 'input:not([type=checkbox]):not([type=radio]):not([type=range]), textarea'
const TEXTS: Record<KeptState, string> = {
  kept: 'Kept',
  changed: 'Keeping…',
  saving: 'Keeping…',
  here: 'Kept in this browser; goes to the server when it answers',
  refused: 'Not kept',
  elsewhere: 'Changed by somebody else',
}

/**
 * Keeps what is typed without being asked. Every change goes to this browser at once and to the server a moment later, or
 * when the field that is typed in is left, so that no half of a number is sent;
 * one save at a time, each from the version that the last one gave; while the server does not take it, it is tried
 * again. What somebody else changed is never overwritten unasked.
 */
export function useKept<C, V extends { version: number }>(keeping: Keeping<C, V>) {
  const state = ref<KeptState>('kept')
  const failure = shallowRef<Failure>()
  const { delayMs = 350, readable = () => true } = keeping
  const key = () => toValue(keeping.key)
  provideSlips(keeping.key)
  let version: number | undefined
  let timer: ReturnType<typeof setTimeout> | undefined
  let changes = 0
  let sending: C | undefined

  /**
   * Sets the version that the page was loaded with.
   * @param theirs what the server keeps, as this page would send it
   * @returns what was typed on an earlier visit and never reached the server, to be put on the page. It is sent, unless
   *   somebody else has changed the page meanwhile: then a person decides
   */
  function loaded(at: number, theirs: C): C | undefined {
    version = at
    const draft = readDraft<C>(key())
    if (!draft || same(draft.content, theirs)) {
      dropDraft(key())
      return undefined
    }
    changes++
    if (draft.version === at || same(draft.sent, theirs)) {
      state.value = 'changed'
      timer = setTimeout(flush, delayMs)
    } else {
      // until a person has decided it stays a change of the old version, over another reload too
      version = draft.version
      state.value = 'elsewhere'
      failure.value = { status: 409, message: TEXTS.elsewhere, problems: [], details: { version: at } }
    }
    return draft.content
  }
  const remember = () =>
    writeDraft(key(), { version: version ?? 0, content: keeping.content(), sent: sending })

  function changed() {
    changes++
    remember()
    clearTimeout(timer)
    if (state.value === 'saving' || state.value === 'elsewhere') {
      return
    }
    state.value = 'changed'
    if (readable()) {
      timer = setTimeout(flush, document.activeElement?.matches(TYPED) ? PAUSE_MS : delayMs)
    }
  }

  async function flush() {
    clearTimeout(timer)
    if (state.value === 'saving' || state.value === 'elsewhere' || !readable()) {
      return
    }
    state.value = 'saving'
    const sent = changes
    sending = keeping.content()
    remember()
    const result = await keeping.save(sending, version)
    sending = undefined
    failure.value = result.failure
    if (result.failure) {
      state.value = standing(result.failure)
      return
    }
    version = result.data.version
    state.value = 'kept'
    if (changes === sent) {
      dropDraft(key())
      keeping.onKept?.(result.data)
    } else {
      changed()
      await flush()
    }
  }

  const standing = (f: Failure): KeptState =>
    f.status === 409 ? 'elsewhere' : f.status === 0 || f.status >= 500 ? 'here' : 'refused'

  /** Settles a clash: keeps what is written here over what somebody else kept. */
  async function keepMine() {
    const newest = failure.value?.details.version
    version = typeof newest === 'number' ? newest : undefined
    state.value = 'changed'
    await flush()
  }

  /** Settles a clash: forgets what is written here; the page is then loaded anew. */
  function takeTheirs() {
    dropDraft(key())
    failure.value = undefined
    state.value = 'kept'
  }

  const retry = useIntervalFn(() => state.value === 'here' && void flush(), RETRY_MS)
  useEventListener(window, 'focusout', () => {
    if (state.value === 'changed' && readable()) {
      clearTimeout(timer)
      timer = setTimeout(flush, delayMs)
    }
  })
  useEventListener(window, 'online', () => state.value === 'here' && void flush())
  onScopeDispose(() => {
    retry.pause()
    clearTimeout(timer)
    if (state.value === 'changed' || state.value === 'here') {
      void flush()
    }
  })

  const text = computed(() =>
    state.value === 'changed' && !readable() ? 'Not sent: a field is no number' : TEXTS[state.value],
  )
  return { state, failure, text, loaded, changed, flush, keepMine, takeTheirs }
}

/** What {@link useKept} gives a page. */
export type Kept = Pick<
  ReturnType<typeof useKept<unknown, { version: number }>>,
  'state' | 'failure' | 'text' | 'flush' | 'keepMine' | 'takeTheirs'
>
