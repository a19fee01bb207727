import { inRows } from './brackets'
import { describe, expect, it } from 'vitest'
import { layout, railRows, TimeScale } from './geometry'
import { brokenLine, indexAt, readingAt, stepAt, steps } from './series'
import { rorCeiling, temperatureBounds } from './options'

const series = (timeS: number[], value: number[]) => ({ timeS, value })

describe('readings', () => {
  const bean = series([0, 1, 2, 40, 41], [190, 188, 186, 120, 121])

  it('are found by their time', () => {
    expect(indexAt(bean.timeS, -1)).toBe(-1)
    expect(indexAt(bean.timeS, 1.5)).toBe(1)
    expect(indexAt(bean.timeS, 99)).toBe(4)
    expect(readingAt(bean, 1.6, 15)).toBe(186)
  })

  it('are not invented in a gap', () => {
    expect(readingAt(bean, 20, 15)).toBeUndefined()
    const line = brokenLine(bean, 15, (v) => v)
    expect(line.filter((p) => p[1] === null)).toHaveLength(1)
    expect(line).toHaveLength(6)
  })

  it('of controls hold until they are changed', () => {
    const gas = series([0, 1, 2, 3, 4], [70, 70, 60, 60, 60])
    expect(stepAt(gas, 1.9)).toBe(70)
    expect(stepAt(gas, 500)).toBe(60)
    expect(stepAt(gas, -5)).toBeUndefined()
    expect(steps(gas)).toEqual([
      [0, 70],
      [2, 60],
      [4, 60],
    ])
  })
})

describe('geometry', () => {
  const geometry = layout(700, 460, 1, 2)

  it('turns time into place and back', () => {
    const scale = new TimeScale(geometry, -20, 600)
    expect(scale.timeS(scale.x(123.4))).toBeCloseTo(123.4, 9)
    expect(scale.timeS(-50)).toBe(-20)
    expect(scale.timeS(9999)).toBe(600)
  })

  it('keeps the panes apart and inside', () => {
    const { temperature, ror, lanes, axis } = geometry
    expect(temperature.top + temperature.height).toBeLessThan(ror.top)
    expect(ror.top + ror.height).toBeLessThan(lanes[0]!.top)
    expect(lanes[1]!.top + lanes[1]!.height).toBeLessThanOrEqual(axis)
  })

  it('gives labels that would meet rows of their own', () => {
    expect(railRows([0, 40, 200, 230], [60, 60, 60, 60])).toEqual([0, 1, 0, 1])
  })

  it('puts round figures around all temperatures', () => {
    const none = series([], [])
    const curve = {
      beanC: series([0, 1], [191, 94]),
      environmentC: series([0], [215]),
      rorCPerMin: none,
      gasPct: none,
      airflowPct: none,
      drumRpm: none,
      gapS: 15,
    }
    expect(temperatureBounds(curve, { temperature: 'C', per: 'min' })).toEqual({
      min: 50,
      max: 250,
      interval: 50,
    })
    expect(temperatureBounds(curve, { temperature: 'F', per: 'min' })).toEqual({
      min: 200,
      max: 500,
      interval: 100,
    })
  })

  it('leaves room above the highest rate of rise', () => {
    expect(rorCeiling([3, 19.9])).toBe(25)
    expect(rorCeiling([])).toBe(10)
  })
})

describe('brackets over faults', () => {
  const bracket = (left: number, width: number, flipped: boolean) => ({
    left,
    width,
    flipped,
    text: 'crash, 8 to 2 in 20 s',
  })

  it('share a row while their texts do not meet', () => {
    expect(inRows([bracket(0, 10, false), bracket(300, 10, false)]).map((b) => b.row)).toEqual([0, 0])
  })

  it('stand below each other where they would', () => {
    const rows = inRows([
      bracket(400, 10, true),
      bracket(420, 30, true),
      bracket(440, 40, true),
      bracket(0, 9, false),
    ])
    expect(rows.map((b) => b.row)).toEqual([0, 1, 2, 0])
  })
})
