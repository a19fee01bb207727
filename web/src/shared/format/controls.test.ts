import { describe, expect, it } from 'vitest'
import { baseOf, controlText, shownControl, sliderOf } from './controls'

const range = (min: number, max: number) => ({ min, max, step: 1 })
const kPa = { min: 0, max: 100, step: 1, scale: { unit: 'kpa' as const, lowest: 0, highest: 4, step: 0.1 } }
const dial = {
  min: 0,
  max: 100,
  step: 1,
  scale: { unit: 'dial' as const, lowest: 0, highest: 10, step: 0.5 },
}
const steps = { min: 40, max: 76, step: 1, scale: { unit: 'steps' as const, lowest: 1, highest: 9, step: 1 } }

/** The same figures as the core's test of its ControlScale: the screen and the sentences may not differ. */
describe('a control in the roaster’s own scale', () => {
  it('reads a pressure as the square of the heat', () => {
    expect(shownControl(50, kPa)).toBe(1)
    expect(controlText('gas', 70.711, kPa)).toBe('2.0 kPa')
    expect(controlText('gas', 10, kPa)).toBe('under 0.1 kPa')
    expect(controlText('gas', 0, kPa)).toBe('0.0 kPa')
    expect(baseOf(1, kPa)).toBe(50)
    expect(baseOf(9, kPa)).toBe(100)
  })
  it('reads a dial and numbered steps evenly', () => {
    expect(controlText('air', 62, dial)).toBe('6.0')
    expect(controlText('air', 63, dial)).toBe('6.5')
    expect(controlText('drum', 58, steps)).toBe('5')
    expect(baseOf(9, steps)).toBe(76)
  })
  it('is in % and rpm without one', () => {
    expect(controlText('gas', 62)).toBe('62 %')
    expect(controlText('drum', 58, range(40, 80))).toBe('58 rpm')
    expect(baseOf(62, range(0, 100))).toBe(62)
  })
  it('slides over what it can be set to', () => {
    expect(sliderOf(steps)).toEqual({ min: 1, max: 9, step: 1 })
    expect(sliderOf(kPa)).toEqual({ min: 0, max: 4, step: 0.1 })
    expect(sliderOf(range(20, 90))).toEqual({ min: 20, max: 90, step: 1 })
    expect(sliderOf()).toEqual({ min: 0, max: 100, step: 1 })
  })
})
