import type { Schemas } from '@/shared/api/client'

export type Curve = Schemas['CurveView']
export type Series = Schemas['SeriesView']
export type Point = [number, number | null]

/** Index of the last time at or before `t`; -1 when there is none. */
export function indexAt(timeS: readonly number[], t: number): number {
  let low = 0
  let high = timeS.length
  while (low < high) {
    const middle = (low + high) >> 1
    if (timeS[middle]! <= t) {
      low = middle + 1
    } else {
      high = middle
    }
  }
  return low - 1
}

/** The reading nearest to `t`; undefined when none lies within half a gap of it. */
export function readingAt(series: Series, t: number, gapS: number): number | undefined {
  const before = indexAt(series.timeS, t)
  const candidates = [before, before + 1].filter((i) => i >= 0 && i < series.timeS.length)
  const nearest = candidates.sort(
    (a, b) => Math.abs(series.timeS[a]! - t) - Math.abs(series.timeS[b]! - t),
  )[0]
  if (nearest === undefined || Math.abs(series.timeS[nearest]! - t) > gapS / 2) {
    return undefined
  }
  return series.value[nearest]
}

/** A control's value at `t`: it holds until it is changed. */
export function stepAt(series: Series, t: number): number | undefined {
  const i = indexAt(series.timeS, t)
  return i < 0 ? undefined : series.value[i]
}

/** Points for a line that breaks where readings are missing; nothing is drawn across a gap. */
export function brokenLine(series: Series, gapS: number, shown: (v: number) => number): Point[] {
  const points: Point[] = []
  series.timeS.forEach((t, i) => {
    const last = series.timeS[i - 1]
    if (last !== undefined && t - last > gapS) {
      points.push([last + gapS / 2, null])
    }
    points.push([t, shown(series.value[i]!)])
  })
  return points
}

/** Only the points where a control changes, and its last one. */
export function steps(series: Series): Point[] {
  const last = series.timeS.length - 1
  return series.timeS
    .map((t, i): Point => [t, series.value[i]!])
    .filter((p, i) => i === 0 || i === last || p[1] !== series.value[i - 1])
}
