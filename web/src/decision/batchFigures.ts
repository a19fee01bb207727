import { clock, one } from '@/shared/format/text'
import { differenceText, rateText, temperatureText, type UnitChoice } from '@/shared/format/units'

/** A figure of a batch in the units that are chosen: its value, or with `apart` a difference of two. */
export function batchFigure(value: number, unit: string, u: UnitChoice, apart = false): string {
  switch (unit) {
    case '°C':
      return apart ? differenceText(value, u) : temperatureText(value, u)
    case '°C/min':
      return rateText(value, u)
    case 's':
      return apart ? `${Math.round(value)} s` : clock(value)
    default:
      return `${one(value)}${unit ? ` ${unit}` : ''}`
  }
}
