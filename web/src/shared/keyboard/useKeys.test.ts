import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { isTyping, keysInForce, useKeys } from './useKeys'

const press = (key: string, target: EventTarget = document.body, init: KeyboardEventInit = {}) =>
  target.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...init }))

afterEach(() => {
  document.body.innerHTML = ''
})

describe('useKeys', () => {
  it('is in force as long as its scope lives', () => {
    const run = vi.fn()
    const scope = effectScope()
    scope.run(() => useKeys([{ key: 'f', does: 'mark first crack', run }]))
    expect(keysInForce.map((k) => k.does)).toContain('mark first crack')
    press('f')
    expect(run).toHaveBeenCalledTimes(1)
    scope.stop()
    press('f')
    expect(run).toHaveBeenCalledTimes(1)
    expect(keysInForce.map((k) => k.does)).not.toContain('mark first crack')
  })

  it('leaves letters to fields, and shortcuts of the browser alone', () => {
    const run = vi.fn()
    const scope = effectScope()
    scope.run(() => useKeys([{ key: 'f', does: 'x', run }]))
    const input = document.body.appendChild(document.createElement('input'))
    press('f', input)
    press('f', document.body, { ctrlKey: true })
    expect(run).not.toHaveBeenCalled()
    expect(isTyping(input)).toBe(true)
    expect(isTyping(document.body)).toBe(false)
    scope.stop()
  })

  it('leaves Enter to the button or link that is in hand', () => {
    const run = vi.fn()
    const scope = effectScope()
    scope.run(() => useKeys([{ key: 'Enter', does: 'answer', run }]))
    press('Enter', document.body.appendChild(document.createElement('button')))
    expect(run).not.toHaveBeenCalled()
    press('Enter')
    expect(run).toHaveBeenCalledTimes(1)
    scope.stop()
  })

  it('hears letters in a field for numbers only where the keys may not wait', () => {
    document.body.innerHTML = '<input inputmode="decimal"><p data-keys-pass><input inputmode="decimal"></p>'
    const [plain, passing] = document.querySelectorAll('input')
    expect(isTyping(plain!, 'c')).toBe(true)
    expect(['c', ' ', 'ArrowUp'].map((k) => isTyping(passing!, k))).toEqual([false, false, false])
    expect(['1', ',', 'ArrowLeft', 'Backspace'].map((k) => isTyping(passing!, k))).toEqual(
      Array(4).fill(true),
    )
  })
})
