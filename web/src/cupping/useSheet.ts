import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import { useDebounceFn, useEventListener, useIntervalFn } from '@vueuse/core'
import { answer, api, type Schemas } from '@/shared/api/client'
import type { SheetContent } from './sheetContent'

type Sheet = Schemas['SheetView']

/** `kept` on the server; `keeping` on the way; `here` in this browser only; `elsewhere` changed in another window. */
export type SheetState = 'kept' | 'keeping' | 'here' | 'refused' | 'elsewhere'

const SAVE_AFTER_MS = 250
const RETRY_MS = 3000

const draftKey = (sheetId: number) => `barrowmist.sheet.${sheetId}`

const contentOf = (s: Sheet): SheetContent => ({
  cupper: s.cupper,
  attributes: { ...s.attributes },
  cups: s.cups.map((c) => ({ ...c })),
  words: s.words.map((w) => ({ ...w, cups: [...w.cups] })),
})

/** What of a sheet did not reach the server yet, from an earlier visit. */
function draftOf(sheet: Sheet): SheetContent | undefined {
  const text = localStorage.getItem(draftKey(sheet.id))
  if (!text) {
    return undefined
  }
  const draft = JSON.parse(text) as { version: number; content: SheetContent }
  return draft.version === sheet.version ? draft.content : undefined
}

/**
 * A sheet that keeps itself: every change goes to this browser's storage at once and to the server right after; while
 * the server does not answer, it is tried again. Another window's change is never overwritten unasked.
 */
export function useSheet(first: Sheet) {
  const draft = draftOf(first)
  const content = ref<SheetContent>(draft ?? contentOf(first))
  const sums = shallowRef<Sheet>(first)
  const state = ref<SheetState>(draft ? 'here' : 'kept')
  const problem = ref<string>()
  let version = first.version
  let changes = 0

  function remember() {
    localStorage.setItem(draftKey(first.id), JSON.stringify({ version, content: content.value }))
  }

  async function save() {
    if (state.value === 'keeping' || state.value === 'elsewhere') {
      return
    }
    state.value = 'keeping'
    const sent = changes
    const { cupper, attributes, cups, words } = content.value
    const result = await answer(
      api.PUT('/api/cuppings/{id}/sheets/{sheetId}', {
        params: { path: { id: first.cuppingId, sheetId: first.id } },
        body: { cupper, attributes, cups, words, version },
      }),
    )
    if (result.data) {
      sums.value = result.data
      version = result.data.version
      problem.value = undefined
      state.value = 'kept'
      localStorage.removeItem(draftKey(first.id))
      if (changes !== sent) {
        remember()
        await save()
      }
      return
    }
    problem.value = result.failure.problems[0]?.message ?? result.failure.message
    state.value =
      result.failure.status === 409 ? 'elsewhere' : result.failure.status === 0 ? 'here' : 'refused'
  }

  const soon = useDebounceFn(save, SAVE_AFTER_MS)
  watch(
    content,
    () => {
      changes++
      remember()
      void soon()
    },
    { deep: true },
  )
  if (draft) {
    void save()
  }
  const retry = useIntervalFn(() => state.value === 'here' && void save(), RETRY_MS)
  useEventListener(window, 'online', () => state.value === 'here' && void save())
  onScopeDispose(() => {
    retry.pause()
    if (state.value !== 'kept') {
      void save()
    }
  })

  /** Settles a clash: keeps what is written here over what the other window kept. */
  async function keepMine(newest: Sheet) {
    version = newest.version
    state.value = 'here'
    await save()
  }

  /** Settles a clash: takes what the other window kept. */
  function takeTheirs() {
    localStorage.removeItem(draftKey(first.id))
  }

  return { content, sums, state, problem, save, keepMine, takeTheirs }
}
