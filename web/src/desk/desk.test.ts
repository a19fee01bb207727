import { afterEach, describe, expect, it, vi } from 'vitest'
import { between, curveOf, noColumns, taken } from './columns'
import { liveAnalysis } from './liveAnalysis'
import { useOutbox } from './outbox'
import { bandAbout } from './planCurve'
import { desk, wire } from './testDesk'

describe('the readings that a screen has', () => {
  it('follow each other, and take the place of those that were sent again', () => {
    let columns = taken(noColumns(), wire(0, [0, 1, 2]))
    columns = taken(columns, wire(3, [3]))
    columns = taken(columns, wire(2, [2, 3, 4]))
    expect(columns.deskS).toEqual([0, 1, 2, 3, 4])
    expect(columns.beanC).toEqual([100, 101, 102, 103, 104])
  })

  it('stay where they are when the charge moves their zero', () => {
    let columns = taken(noColumns(), wire(0, [0, 1, 2]))
    columns = taken(columns, wire(3, [-1, 0, 1], 4))
    expect(columns.deskS).toEqual([0, 1, 2, 3, 4, 5])
    expect(curveOf(columns, 4).beanC.timeS).toEqual([-4, -3, -2, -1, 0, 1])
  })

  it('are drawn one a second at most, and what was not said is not drawn', () => {
    const columns = taken(noColumns(), wire(0, [0, 0.3, 0.6, 1.1, 2]))
    columns.beanC[4] = null
    expect(curveOf(columns, 0).beanC.timeS).toEqual([0, 1.1])
    expect(curveOf(columns, 0).environmentC.timeS).toEqual([0, 1.1, 2])
    expect(curveOf(columns, 100).beanC.timeS).toEqual([])
    expect(curveOf(taken(noColumns(), wire(0, [0, 0.3, 0.6])), 0).beanC.timeS).toEqual([0, 0.6])
  })

  it('are read between two of them and not beyond', () => {
    const series = { timeS: [0, 10], value: [100, 120] }
    expect(between(series, 5)).toBe(110)
    expect(between(series, 0)).toBe(100)
    expect(between(series, 11)).toBeUndefined()
    expect(between(series, -1)).toBeUndefined()
  })
})

describe('what is shown of a roast under way', () => {
  it('has its phases so far, as shares of the time so far', () => {
    const a = liveAnalysis(desk())
    expect(a.drying).toMatchObject({ fromS: 0, toS: 285 })
    expect(a.browning).toMatchObject({ fromS: 285, toS: 402 })
    expect(a.development).toBeUndefined()
    expect(a.drying!.sharePct! + a.browning!.sharePct!).toBeCloseTo(100)
  })

  it('has a band that is as wide as its tolerance on both sides', () => {
    const outline = bandAbout({ timeS: [0, 5, 10, 20], value: [190, 150, 120, 90] }, 3)
    expect(outline).toHaveLength(6)
    expect(outline[0]).toEqual({ timeS: 0, c: 193 })
    expect(outline[5]).toEqual({ timeS: 0, c: 187 })
  })
})

describe('keys that are pressed', () => {
  afterEach(() => vi.useRealTimers())

  it('wait while the server is away and say later how long ago they were', async () => {
    vi.useFakeTimers()
    let now = 1000
    let away = true
    const sent: number[] = []
    const outbox = useOutbox(() => now)
    const send = (agoS: number) => {
      if (away) {
        return Promise.resolve({ failure: { status: 0, message: 'away', problems: [], details: {} } })
      }
      sent.push(agoS)
      return Promise.resolve({ data: {} })
    }
    await outbox.press(send)
    now = 3000
    await outbox.press(send)
    expect(outbox.waiting.value).toBe(2)
    away = false
    now = 35_000
    await vi.advanceTimersByTimeAsync(1100)
    expect(sent).toEqual([34, 32])
    expect(outbox.waiting.value).toBe(0)
  })

  it('that are refused are said and not sent again', async () => {
    const outbox = useOutbox()
    let calls = 0
    await outbox.press(() => {
      calls++
      return Promise.resolve({
        failure: { status: 409, message: 'The charge comes first.', problems: [], details: {} },
      })
    })
    expect(calls).toBe(1)
    expect(outbox.refused.value?.message).toBe('The charge comes first.')
    expect(outbox.waiting.value).toBe(0)
  })
})
