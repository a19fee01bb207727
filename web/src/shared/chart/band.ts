import { shownTemperature, type UnitChoice } from '@/shared/format/units'
import type { Pane, TimeScale } from './geometry'

/** A corner of a band's outline. */
export interface BandPoint {
  timeS: number
  c: number
}

/** A milestone aimed at: when and how hot, each with its tolerance. */
export interface BandAim extends BandPoint {
  toleranceS: number
  toleranceC: number
}

/** The outline of the band through milestones: early and hot along the top, late and cool along the bottom. */
export function bandOf(aims: readonly BandAim[]): BandPoint[] {
  if (aims.length < 2) {
    return []
  }
  const top = aims.map((a) => ({ timeS: a.timeS - a.toleranceS, c: a.c + a.toleranceC }))
  const bottom = aims.map((a) => ({ timeS: a.timeS + a.toleranceS, c: a.c - a.toleranceC }))
  return [...top, ...bottom.reverse()]
}

/** The outline as an SVG path in a pane. */
export function bandPath(
  band: readonly BandPoint[],
  units: UnitChoice,
  pane: Pane,
  scale: TimeScale,
  bounds: { min: number; max: number },
): string {
  const y = (c: number) =>
    pane.top + pane.height * (1 - (shownTemperature(c, units) - bounds.min) / (bounds.max - bounds.min))
  const points = band.map((p) => `${scale.x(p.timeS).toFixed(1)} ${y(p.c).toFixed(1)}`)
  return `M${points.join('L')}Z`
}
