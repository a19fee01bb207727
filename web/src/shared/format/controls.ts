import type { Schemas } from '@/shared/api/client'

/** The controls of a roaster. */
export type Control = 'gas' | 'air' | 'drum'
export type ControlRanges = Partial<Record<Control, Schemas['ControlRange']>>

const PLAIN = { gas: '%', air: '%', drum: 'rpm' } as const
const SYMBOLS = { kpa: 'kPa', mbar: 'mbar', dial: '', steps: '' } as const
const isPressure = (unit: string) => unit === 'kpa' || unit === 'mbar'
const decimalsOf = (step: number) => Math.max(0, Math.ceil(-Math.log10(step) - 1e-9))

/** What the roaster's own scale says for % of full, or 1/min of the drum. As the core's ControlScale. */
export function shownControl(base: number, range?: Schemas['ControlRange']): number {
  const scale = range?.scale
  return scale
    ? Number((Math.round(exactly(base, range) / scale.step) * scale.step).toFixed(decimalsOf(scale.step)))
    : base
}

function exactly(base: number, range: Schemas['ControlRange']): number {
  const scale = range.scale!
  return isPressure(scale.unit)
    ? scale.highest * (Math.max(0, base) / range.max) ** 2
    : scale.lowest + ((base - range.min) / (range.max - range.min)) * (scale.highest - scale.lowest)
}

/** And the other way round, within what can be set. */
export function baseOf(shown: number, range?: Schemas['ControlRange']): number {
  const scale = range?.scale
  if (!range || !scale) {
    return shown
  }
  const exact = isPressure(scale.unit)
    ? range.max * Math.sqrt(Math.max(0, shown) / scale.highest)
    : range.min + ((shown - scale.lowest) / (scale.highest - scale.lowest)) * (range.max - range.min)
  return Math.round(Math.max(range.min, Math.min(range.max, exact)) * 100) / 100
}

/** The unit it is read in; empty for a dial. */
export const controlUnit = (control: Control, range?: Schemas['ControlRange']) =>
  range?.scale ? SYMBOLS[range.scale.unit] : PLAIN[control]

/** As a person reads it: 62 %, 1.5 kPa, 7; what is on but too little to be read is no 0. */
export function controlText(control: Control, base: number, range?: Schemas['ControlRange']): string {
  const shown = shownControl(base, range)
  const step = range?.scale?.step
  const number = (v: number) => (step ? v.toFixed(decimalsOf(step)) : String(Math.round(v * 10) / 10))
  const tooLittle = range && step && shown === 0 && exactly(base, range) > 0
  const text = tooLittle ? `under ${number(step)}` : number(shown)
  return `${text} ${controlUnit(control, range)}`.trim()
}

/** What a slider of it goes from, to, and by. */
export function sliderOf(range?: Schemas['ControlRange']) {
  if (!range) {
    return { min: 0, max: 100, step: 1 }
  }
  const { scale } = range
  return scale
    ? { min: shownControl(range.min, range), max: scale.highest, step: scale.step }
    : { min: range.min, max: range.max, step: range.step }
}
