import { describe, expect, it } from 'vitest'
import { bandOf, bandPath } from '@/shared/chart/band'
import { layout, TimeScale } from '@/shared/chart/geometry'
import { differenceText, rateText, temperatureText, type UnitChoice } from '@/shared/format/units'
import { hourMinute, strip, type Day } from '@/day/day'
import { moved } from '@/shared/format/list'
import { bandAims, copy, figureText, spreadText, whenText, type Content, type Prediction } from './plan'

const units = (u: UnitChoice) => ({
  temperatureText: (c: number) => temperatureText(c, u),
  differenceText: (c: number) => differenceText(c, u),
  rateText: (c: number) => rateText(c, u),
})
const SI = units({ temperature: 'C', per: 'min' })
const US = units({ temperature: 'F', per: '30s' })

const content = {
  targets: {
    dryEndS: { value: 300, tolerance: 20 },
    firstCrackS: { value: 490, tolerance: 25 },
    totalS: { value: 600, tolerance: 30 },
    dropC: { value: 204, tolerance: 2.5 },
  },
} as unknown as Content
const prediction = {
  eventToleranceC: 2,
  curveToleranceC: 3,
  analysis: { dryEnd: { timeS: 290, beanC: 158 }, firstCrack: { timeS: 480, beanC: 194 } },
} as unknown as Prediction

describe('a move', () => {
  it('says when it comes', () => {
    expect(whenText({ kind: 'time', timeS: 270 }, SI)).toBe('at 4:30')
    expect(whenText({ kind: 'bean', beanC: 180 }, US)).toBe('bean 356.0 °F')
    expect(whenText({ kind: 'event', event: 'first_crack', afterS: 20 }, SI)).toBe('first crack + 0:20')
    expect(whenText({ kind: 'event', event: 'dry_end' }, SI)).toBe('at dry end')
  })
})

describe('a figure', () => {
  it('is shown in its unit, and a spread without the offset of °F', () => {
    expect(figureText(487.6, 'seconds', SI)).toBe('8:08')
    expect(figureText(204, 'celsius', US)).toBe('399.2 °F')
    expect(figureText(undefined, 'celsius', SI)).toBe('never')
    expect(spreadText(2.5, 'celsius', US)).toBe('±4.5 °F')
    expect(spreadText(10, 'celsius-per-minute', US)).toBe('±9.0 °F/30 s')
    expect(spreadText(undefined, 'percent', SI)).toBe('')
  })
})

describe('the target band', () => {
  it('runs early and hot along the top, late and cool along the bottom', () => {
    const aims = bandAims(content, prediction)
    expect(aims.map((a) => a.c)).toEqual([158, 194, 204])
    const band = bandOf(aims)
    expect(band[0]).toEqual({ timeS: 280, c: 160 })
    expect(band[2]).toEqual({ timeS: 570, c: 206.5 })
    expect(band[3]).toEqual({ timeS: 630, c: 201.5 })
    expect(band[5]).toEqual({ timeS: 320, c: 156 })
  })

  it('needs two milestones', () => {
    expect(bandOf(bandAims({ targets: {} } as unknown as Content, prediction))).toEqual([])
  })

  it('is drawn in the pane of the temperatures', () => {
    const geometry = layout(800, 400, 2, 2)
    const path = bandPath(
      [
        { timeS: 0, c: 100 },
        { timeS: 600, c: 200 },
      ],
      { temperature: 'C', per: 'min' },
      geometry.temperature,
      new TimeScale(geometry, 0, 600),
      { min: 100, max: 200 },
    )
    const { top, height } = geometry.temperature
    expect(path).toMatch(new RegExp(`^M[\\d.]+ ${(top + height).toFixed(1)}L[\\d.]+ ${top.toFixed(1)}Z$`))
  })
})

describe('a copy of a plan', () => {
  it('changes without the first', () => {
    const other = copy(content)
    other.targets.totalS!.value = 1
    expect(content.targets.totalS!.value).toBe(600)
  })
})

describe('the day', () => {
  const day = {
    content: { lit: '08:00:00' },
    warmUpS: 1800,
    slots: [
      {
        planId: 1,
        lotName: 'A',
        process: 'washed',
        chargeAt: '2026-11-25T08:30:00',
        dropAt: '2026-11-25T08:40:00',
        roastS: 600,
      },
      {
        planId: 2,
        lotName: 'B',
        process: 'natural',
        chargeAt: '2026-11-25T08:50:00',
        dropAt: '2026-11-25T09:00:00',
        roastS: 600,
      },
    ],
  } as unknown as Day

  it('moves a roast within the list and never out of it', () => {
    expect(moved(['a', 'b', 'c'], 0, 2)).toEqual(['b', 'c', 'a'])
    expect(moved(['a', 'b', 'c'], 2, -4)).toEqual(['c', 'a', 'b'])
    expect(moved(['a'], 3, 0)).toEqual(['a'])
  })

  it('shows hours and minutes of a time or a moment', () => {
    expect(hourMinute('08:30:00')).toBe('08:30')
    expect(hourMinute('2026-11-25T09:12:30')).toBe('09:12')
  })

  it('is drawn as a strip from the lighting to the last drop', () => {
    const { blocks, hours } = strip(day)
    expect(blocks.map((b) => b.kind)).toEqual(['warm-up', 'roast', 'natural'])
    expect(blocks[0]).toMatchObject({ left: 0, width: 0.5 })
    expect(blocks[2]!.left + blocks[2]!.width).toBeCloseTo(1)
    expect(hours.map((h) => h.at)).toEqual(['08:00', '08:30', '09:00'])
  })
})
