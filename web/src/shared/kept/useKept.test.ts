import { effectScope } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Answer } from '@/shared/api/client'
import { useKept } from './useKept'

interface View {
  version: number
}

const failed: Answer<View> = { failure: { status: 422, message: 'no', problems: [], details: {} } }

describe('useKept', () => {
  beforeEach(() => {
    vi.useFakeTimers()
    localStorage.clear()
  })
  afterEach(() => void vi.useRealTimers())

  function setUp(
    save: (content: string, version?: number) => Promise<Answer<View>>,
    { at = 3, theirs = 'as it was' } = {},
  ) {
    const scope = effectScope()
    const kept = vi.fn()
    const page = { text: 'typed' }
    const it = scope.run(() =>
      useKept<string, View>({ key: 'page', content: () => page.text, save, onKept: kept, delayMs: 100 }),
    )!
    const found = it.loaded(at, theirs)
    return { it, kept, scope, page, found }
  }

  it('sends once after the last of many changes', async () => {
    const save = vi.fn(async (_c: string, v?: number) => ({ data: { version: v! + 1 } }))
    const { it, kept } = setUp(save)
    it.changed()
    it.changed()
    await vi.advanceTimersByTimeAsync(99)
    it.changed()
    expect(save).not.toHaveBeenCalled()
    await vi.advanceTimersByTimeAsync(101)
    expect(save).toHaveBeenCalledExactlyOnceWith('typed', 3)
    expect(kept).toHaveBeenCalledWith({ version: 4 })
    expect(it.state.value).toBe('kept')
  })

  it('waits for a pause while a field is typed in, or for the field to be left', async () => {
    const save = vi.fn(async (_c: string, v?: number) => ({ data: { version: v! + 1 } }))
    const { it } = setUp(save)
    const field = document.body.appendChild(document.createElement('input'))
    field.focus()
    it.changed()
    await vi.advanceTimersByTimeAsync(1000)
    expect(save).not.toHaveBeenCalled()
    field.blur()
    await vi.advanceTimersByTimeAsync(100)
    expect(save).toHaveBeenCalledOnce()
    field.remove()
  })

  it('sends again what changed while it was sending, from the new version', async () => {
    let finish: (a: Answer<View>) => void = () => {}
    const save = vi
      .fn<(c: string, v?: number) => Promise<Answer<View>>>()
      .mockImplementationOnce(() => new Promise((r) => (finish = r)))
      .mockResolvedValueOnce({ data: { version: 5 } })
    const { it, kept } = setUp(save)
    it.changed()
    await vi.advanceTimersByTimeAsync(100)
    it.changed()
    finish({ data: { version: 4 } })
    await vi.advanceTimersByTimeAsync(0)
    expect(save.mock.calls).toEqual([
      ['typed', 3],
      ['typed', 4],
    ])
    expect(kept).toHaveBeenCalledExactlyOnceWith({ version: 5 })
  })

  it('says what was not kept, and sends it again when asked', async () => {
    const save = vi
      .fn()
      .mockResolvedValueOnce(failed)
      .mockResolvedValueOnce({ data: { version: 4 } })
    const { it } = setUp(save)
    it.changed()
    await vi.advanceTimersByTimeAsync(100)
    expect(it.state.value).toBe('refused')
    expect(it.text.value).toBe('Not kept')
    await it.flush()
    expect(it.state.value).toBe('kept')
    expect(it.failure.value).toBeUndefined()
  })

  it('sends what is pending when the page is left', async () => {
    const save = vi.fn(async (_c: string, v?: number) => ({ data: { version: v! + 1 } }))
    const { it, scope } = setUp(save)
    it.changed()
    scope.stop()
    expect(save).toHaveBeenCalledOnce()
  })

  it('finds again what never reached the server, and sends it', async () => {
    const away: Answer<View> = { failure: { status: 0, message: 'away', problems: [], details: {} } }
    const first = setUp(vi.fn(async () => away))
    first.it.changed()
    await vi.advanceTimersByTimeAsync(150)
    expect(first.it.state.value).toBe('here')
    first.scope.stop()
    const save = vi.fn(async () => ({ data: { version: 4 } }))
    const again = setUp(save)
    expect(again.found).toBe('typed')
    await vi.advanceTimersByTimeAsync(150)
    expect(save).toHaveBeenCalledExactlyOnceWith('typed', 3)
    expect(localStorage.length).toBe(0)
  })

  it('shows what was typed and what somebody else did meanwhile, and lets a person decide', async () => {
    const away: Answer<View> = { failure: { status: 0, message: 'away', problems: [], details: {} } }
    const first = setUp(vi.fn(async () => away))
    first.it.changed()
    await vi.advanceTimersByTimeAsync(150)
    first.scope.stop()
    const save = vi.fn(async () => ({ data: { version: 9 } }))
    const again = setUp(save, { at: 8, theirs: 'of somebody else' })
    expect(again.found).toBe('typed')
    expect(again.it.state.value).toBe('elsewhere')
    again.it.changed()
    await vi.advanceTimersByTimeAsync(5000)
    expect(setUp(save, { at: 8, theirs: 'of somebody else' }).it.state.value).toBe('elsewhere')
    expect(save).not.toHaveBeenCalled()
    await again.it.keepMine()
    expect(save).toHaveBeenCalledExactlyOnceWith('typed', 8)
    expect(localStorage.length).toBe(0)
  })

  it('goes on with its own save that got through while the page was loaded again', async () => {
    const first = setUp(vi.fn(() => new Promise<Answer<View>>(() => {})))
    first.it.changed()
    await vi.advanceTimersByTimeAsync(100)
    first.page.text = 'typed on'
    first.it.changed()
    const save = vi.fn(async () => ({ data: { version: 5 } }))
    const again = setUp(save, { at: 4, theirs: 'typed' })
    expect(again.found).toBe('typed on')
    expect(again.it.state.value).toBe('changed')
    const whole = setUp(save, { at: 4, theirs: 'typed on' })
    expect(whole.found).toBeUndefined()
    expect(localStorage.length).toBe(0)
  })

  it('tries again by itself while the disk is full', async () => {
    const full: Answer<View> = { failure: { status: 507, message: 'full', problems: [], details: {} } }
    const save = vi
      .fn()
      .mockResolvedValueOnce(full)
      .mockResolvedValueOnce({ data: { version: 4 } })
    const { it } = setUp(save)
    it.changed()
    await vi.advanceTimersByTimeAsync(100)
    expect(it.state.value).toBe('here')
    await vi.advanceTimersByTimeAsync(3000)
    expect(it.state.value).toBe('kept')
  })

  it('overwrites nobody unasked, and then from the newest version', async () => {
    const clash: Answer<View> = {
      failure: { status: 409, message: 'changed', problems: [], details: { version: 9 } },
    }
    const save = vi
      .fn()
      .mockResolvedValueOnce(clash)
      .mockResolvedValueOnce({ data: { version: 10 } })
    const { it } = setUp(save)
    it.changed()
    await vi.advanceTimersByTimeAsync(100)
    it.changed()
    await vi.advanceTimersByTimeAsync(5000)
    expect(save).toHaveBeenCalledTimes(1)
    expect(it.state.value).toBe('elsewhere')
    await it.keepMine()
    expect(save).toHaveBeenLastCalledWith('typed', 9)
    expect(it.state.value).toBe('kept')
  })

  it('sends nothing while a field holds what is no number', async () => {
    const save = vi.fn(async () => ({ data: { version: 4 } }))
    const scope = effectScope()
    let readable = false
    const it = scope.run(() =>
      useKept<string, View>({ key: 'p', content: () => 'x', save, readable: () => readable, delayMs: 100 }),
    )!
    it.loaded(3, 'as it was')
    it.changed()
    await vi.advanceTimersByTimeAsync(500)
    expect(save).not.toHaveBeenCalled()
    readable = true
    it.changed()
    await vi.advanceTimersByTimeAsync(100)
    expect(save).toHaveBeenCalledOnce()
  })
})
