import { effectScope, nextTick, ref, shallowRef } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { DeskState } from './useDesk'
import { useOverrun } from './useOverrun'

const state = (kind?: string) =>
  ({
    warning: kind && {
      kind,
      sinceS: 1,
      safety: true,
      overrun: kind !== 'crash',
      title: '',
      says: '',
      answer: '',
    },
  }) as unknown as DeskState

describe('a roast that runs on past its drop', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())

  it('is heard again and again, hushed by hand, and heard anew when it gets graver', async () => {
    const sound = vi.fn()
    const at = shallowRef<DeskState | undefined>(state('crash'))
    const scope = effectScope()
    const alarm = scope.run(() => useOverrun(at, ref(false), sound))!
    expect(sound).not.toHaveBeenCalled()
    at.value = state('drop-now')
    await nextTick()
    vi.advanceTimersByTime(3100)
    expect(sound).toHaveBeenCalledTimes(3)
    alarm.hush()
    await nextTick()
    vi.advanceTimersByTime(6000)
    expect(sound).toHaveBeenCalledTimes(3)
    at.value = state('burner-off')
    await nextTick()
    await nextTick()
    expect(sound).toHaveBeenCalledTimes(4)
    at.value = state()
    await nextTick()
    vi.advanceTimersByTime(6000)
    expect(sound).toHaveBeenCalledTimes(4)
    scope.stop()
  })
})
