import { getCurrentInstance, onActivated, onDeactivated, onScopeDispose, reactive } from 'vue'
import { useEventListener } from '@vueuse/core'

/** A key of the present page, with what it does. */
export interface KeyBinding {
  key: string
  does: string
  run: (event: KeyboardEvent) => void
}

/** All keys in force, for the help that `?` shows. */
export const keysInForce = reactive<KeyBinding[]>([])

/** Keys that mean nothing in a field for numbers. */
const NOT_OF_A_NUMBER = /^([a-z ]|Arrow(Up|Down))$/i

/**
 * Whether typing goes into a field, where a letter is a letter. Where one hand has no time for the mouse, marked by
 * `data-keys-pass`, a field for numbers lets through what is no part of a number.
 */
export function isTyping(target: EventTarget | null, key = ''): boolean {
  const element = target as HTMLElement | null
  if (NOT_OF_A_NUMBER.test(key) && element?.matches('[data-keys-pass] input[inputmode="decimal"]')) {
    return false
  }
  return !!element?.closest('input, textarea, select, [contenteditable="true"]')
}

/** What Enter presses by itself, where it is in hand. */
const presses = (event: KeyboardEvent) =>
  event.key === 'Enter' && !!(event.target as HTMLElement | null)?.closest?.('button, a, summary')

/** Puts keys in force as long as the component lives and is in view. */
export function useKeys(bindings: KeyBinding[]) {
  let inForce = false
  const put = () => {
    if (!inForce) {
      keysInForce.push(...bindings)
      inForce = true
    }
  }
  const takeAway = () => {
    for (const b of inForce ? bindings : []) {
      keysInForce.splice(
        keysInForce.findIndex((k) => k.key === b.key && k.does === b.does),
        1,
      )
    }
    inForce = false
  }
  put()
  if (getCurrentInstance()) {
    // one that is kept while another is in view
    onActivated(put)
    onDeactivated(takeAway)
  }
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    const plain = !event.ctrlKey && !event.metaKey && !event.altKey
    const binding = bindings.find((b) => b.key === event.key)
    if (
      inForce &&
      binding &&
      plain &&
      !event.defaultPrevented &&
      !presses(event) &&
      !isTyping(event.target, event.key)
    ) {
      event.preventDefault()
      binding.run(event)
    }
  })
  onScopeDispose(takeAway)
}
