import { afterEach, describe, expect, it, vi } from 'vitest'
import { rateText, shownDifference, shownTemperature, temperatureText, type UnitChoice } from './units'
import { clock, one, parseClock, parseDecimal, signed } from './text'

const si: UnitChoice = { temperature: 'C', per: 'min' }
const other: UnitChoice = { temperature: 'F', per: '30s' }

describe('units', () => {
  // by definition of the scales: water freezes at 32 °F and boils at 212 °F, 180 degrees apart
  it('shifts temperatures by 32 and differences never', () => {
    expect(shownTemperature(0, other)).toBe(32)
    expect(shownTemperature(100, other)).toBe(212)
    expect(shownDifference(100, other)).toBe(180)
    expect(shownDifference(0, other)).toBe(0)
  })

  it('halves a rate for 30 s and names its unit', () => {
    expect(rateText(10, si)).toBe('10.0 °C/min')
    expect(rateText(10, other)).toBe('9.0 °F/30 s')
    expect(temperatureText(196.04, si)).toBe('196.0 °C')
  })
})

describe('text', () => {
  it.each([
    [0, '0:00'],
    [93, '1:33'],
    [475.6, '7:56'],
    [-4, '−0:04'],
  ])('writes %f s as %s', (s, text) => expect(clock(s)).toBe(text))

  it.each([
    ['1:33', 93],
    ['83', 83],
    ['1:05,5', 65.5],
    ['1:75', undefined],
    ['soon', undefined],
  ])('reads %s', (text, s) => expect(parseClock(text)).toBe(s))

  it.each([
    ['10,8', 10.8],
    [' 10.8 ', 10.8],
    ['', undefined],
    ['10 %', undefined],
    ['1e3', undefined],
  ])('reads the number %s', (text, n) => expect(parseDecimal(text)).toBe(n))

  it('signs what adds and what takes away', () => {
    expect(signed(2.14)).toBe('+2.1')
    expect(signed(-0.3)).toBe('−0.3')
    expect([-0.04, -0.3, 12].map(one)).toEqual(['0.0', '−0.3', '12.0'])
  })
})

describe('days', () => {
  const zone = process.env.TZ
  afterEach(() => {
    process.env.TZ = zone
    vi.resetModules()
  })

  it.each(['America/Denver', 'UTC', 'Pacific/Auckland'])('are calendar dates in %s', async (tz) => {
    process.env.TZ = tz
    vi.resetModules()
    const { day } = await import('./text')
    expect(day('2026-03-03')).toBe('3 Mar 2026')
  })
})
