import { effectScope } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Answer } from '@/shared/api/client'
import { useKept } from './useKept'

interface View {
  version: number
}

const failed: Answer<View> = { failure: { status: 422, message: 'no', problems: [], details: {} } }

describe('useKept', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())

  function setUp(save: (version: number) => Promise<Answer<View>>) {
    const scope = effectScope()
    const kept = vi.fn()
    const it = scope.run(() => useKept<View>(save, kept, 100))!
    it.loaded(3)
    return { it, kept, scope }
  }

  it('sends once after the last of many changes', async () => {
    const save = vi.fn(async (v: number) => ({ data: { version: v + 1 } }))
    const { it, kept } = setUp(save)
    it.changed()
    it.changed()
    await vi.advanceTimersByTimeAsync(99)
    it.changed()
    expect(save).not.toHaveBeenCalled()
    await vi.advanceTimersByTimeAsync(101)
    expect(save).toHaveBeenCalledExactlyOnceWith(3)
    expect(kept).toHaveBeenCalledWith({ version: 4 })
    expect(it.state.value).toBe('kept')
  })

  it('sends again what changed while it was sending, from the new version', async () => {
    let finish: (a: Answer<View>) => void = () => {}
    const save = vi
      .fn<(v: number) => Promise<Answer<View>>>()
      .mockImplementationOnce(() => new Promise((r) => (finish = r)))
      .mockResolvedValueOnce({ data: { version: 5 } })
    const { it, kept } = setUp(save)
    it.changed()
    await vi.advanceTimersByTimeAsync(100)
    it.changed()
    finish({ data: { version: 4 } })
    await vi.advanceTimersByTimeAsync(0)
    expect(save.mock.calls).toEqual([[3], [4]])
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
    expect(it.state.value).toBe('failed')
    expect(it.text.value).toBe('Not kept')
    await it.flush()
    expect(it.state.value).toBe('kept')
    expect(it.failure.value).toBeUndefined()
  })

  it('sends what is pending when the page is left', async () => {
    const save = vi.fn(async (v: number) => ({ data: { version: v + 1 } }))
    const { it, scope } = setUp(save)
    it.changed()
    scope.stop()
    expect(save).toHaveBeenCalledOnce()
  })
})
