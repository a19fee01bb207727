import { one } from './text'

/** How temperatures and rates are shown. Everything else in the program is °C and °C/min. */
export interface UnitChoice {
  temperature: 'C' | 'F'
  per: 'min' | '30s'
}

const FAHRENHEIT_PER_CELSIUS = 1.8
const FAHRENHEIT_OFFSET = 32

export function shownTemperature(c: number, u: UnitChoice): number {
  return u.temperature === 'F' ? c * FAHRENHEIT_PER_CELSIUS + FAHRENHEIT_OFFSET : c
}

/** A difference is never shifted by the 32° offset. */
export function shownDifference(c: number, u: UnitChoice): number {
  return u.temperature === 'F' ? c * FAHRENHEIT_PER_CELSIUS : c
}

export function shownRate(cPerMin: number, u: UnitChoice): number {
  return shownDifference(cPerMin, u) / (u.per === '30s' ? 2 : 1)
}

/** °C of a temperature as a person typed it. */
export function typedTemperature(shown: number, u: UnitChoice): number {
  return u.temperature === 'F' ? (shown - FAHRENHEIT_OFFSET) / FAHRENHEIT_PER_CELSIUS : shown
}

/** °C of a difference as a person typed it. */
export function typedDifference(shown: number, u: UnitChoice): number {
  return u.temperature === 'F' ? shown / FAHRENHEIT_PER_CELSIUS : shown
}

/** °C/min of a rate as a person typed it. */
export function typedRate(shown: number, u: UnitChoice): number {
  return typedDifference(shown, u) * (u.per === '30s' ? 2 : 1)
}

export const degree = (u: UnitChoice) => (u.temperature === 'F' ? '°F' : '°C')

export const rateUnit = (u: UnitChoice) => `${degree(u)}/${u.per === '30s' ? '30 s' : 'min'}`

export const temperatureText = (c: number, u: UnitChoice) => `${one(shownTemperature(c, u))} ${degree(u)}`

export const differenceText = (c: number, u: UnitChoice) => `${one(shownDifference(c, u))} ${degree(u)}`

export const rateText = (cPerMin: number, u: UnitChoice) => `${one(shownRate(cPerMin, u))} ${rateUnit(u)}`
