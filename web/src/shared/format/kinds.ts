import {
  degree,
  rateUnit,
  shownDifference,
  shownRate,
  shownTemperature,
  typedDifference,
  typedRate,
  typedTemperature,
  type UnitChoice,
} from './units'

/** What is measured: a figure's unit says how it is shown and typed. */
export type Kind = 'time' | 'temperature' | 'difference' | 'share' | 'rate'

export function unitOf(kind: Kind, units: UnitChoice): string {
  const of = {
    share: '%',
    time: 's',
    rate: rateUnit(units),
    temperature: degree(units),
    difference: degree(units),
  }
  return of[kind]
}
const round = (n: number) => Math.round(n * 10) / 10
export function shown(kind: Kind, value: number, units: UnitChoice): number {
  const to = { temperature: shownTemperature, difference: shownDifference, rate: shownRate }
  return round(kind in to ? to[kind as keyof typeof to](value, units) : value)
}
/** A tolerance is a difference: it has no zero to move. */
export function shownTolerance(kind: Kind, value: number, units: UnitChoice): number {
  return kind === 'temperature' ? round(shownDifference(value, units)) : shown(kind, value, units)
}
export function typed(kind: Kind, v: number, units: UnitChoice): number {
  const from = { temperature: typedTemperature, difference: typedDifference, rate: typedRate }
  return kind in from ? from[kind as keyof typeof from](v, units) : v
}
export function typedTolerance(kind: Kind, v: number, units: UnitChoice): number {
  return kind === 'temperature' ? typedDifference(v, units) : typed(kind, v, units)
}
