import type { Schemas } from '@/shared/api/client'
import type { Curve } from '@/shared/chart/series'

type Wire = Schemas['ReadingsView']

/** All readings that a screen has, by the desk's own clock, so that a charge that is moved moves them all. */
export interface Columns {
  deskS: number[]
  beanC: (number | null)[]
  environmentC: (number | null)[]
  rorCPerMin: (number | null)[]
  gasPct: (number | null)[]
  airflowPct: (number | null)[]
}

export const noColumns = (): Columns => ({
  deskS: [],
  beanC: [],
  environmentC: [],
  rorCPerMin: [],
  gasPct: [],
  airflowPct: [],
})

/** Takes in what came: readings follow those that are there, or take the place of them from `first` on. */
export function taken(columns: Columns, wire: Wire): Columns {
  const next = wire.first < columns.deskS.length ? cut(columns, wire.first) : columns
  next.deskS.push(...wire.timeS.map((t) => t + wire.zeroS))
  next.beanC.push(...(wire.beanC as (number | null)[]))
  next.environmentC.push(...(wire.environmentC as (number | null)[]))
  next.rorCPerMin.push(...(wire.rorCPerMin as (number | null)[]))
  next.gasPct.push(...(wire.gasPct as (number | null)[]))
  next.airflowPct.push(...(wire.airflowPct as (number | null)[]))
  return next
}

function cut(c: Columns, length: number): Columns {
  return {
    deskS: c.deskS.slice(0, length),
    beanC: c.beanC.slice(0, length),
    environmentC: c.environmentC.slice(0, length),
    rorCPerMin: c.rorCPerMin.slice(0, length),
    gasPct: c.gasPct.slice(0, length),
    airflowPct: c.airflowPct.slice(0, length),
  }
}

const GAP_S = 15

/**
 * The readings as a chart draws them, from a little before `zeroS` on: one a second is as fine as a screen can show,
 * and the newest one, so that the tip does not wait for its second.
 */
export function curveOf(columns: Columns, zeroS: number, leadS = 15): Curve {
  const series = () => ({ timeS: [] as number[], value: [] as number[] })
  const bean = series()
  const environment = series()
  const ror = series()
  const gas = series()
  const air = series()
  let last = -Infinity
  columns.deskS.forEach((desk, i) => {
    const t = desk - zeroS
    const control = columns.beanC[i] === null && columns.environmentC[i] === null
    const newest = i === columns.deskS.length - 1
    if (t < -leadS || (!control && !newest && Math.floor(t) === last)) {
      return
    }
    last = control ? last : Math.floor(t)
    const put = (s: { timeS: number[]; value: number[] }, v: number | null | undefined) => {
      if (v !== null && v !== undefined) {
        s.timeS.push(t)
        s.value.push(v)
      }
    }
    put(bean, columns.beanC[i])
    put(environment, columns.environmentC[i])
    put(ror, columns.rorCPerMin[i])
    put(gas, columns.gasPct[i])
    put(air, columns.airflowPct[i])
  })
  return {
    gapS: GAP_S,
    beanC: bean,
    environmentC: environment,
    rorCPerMin: ror,
    gasPct: gas,
    airflowPct: air,
    drumRpm: series(),
  }
}

/** A series between its points; undefined beyond its ends. */
export function between(series: { timeS: number[]; value: number[] }, t: number): number | undefined {
  const after = series.timeS.findIndex((x) => x >= t)
  if (after < 0 || (after === 0 && series.timeS[0] !== t)) {
    return undefined
  }
  if (after === 0) {
    return series.value[0]
  }
  const [t0, t1] = [series.timeS[after - 1]!, series.timeS[after]!]
  const [v0, v1] = [series.value[after - 1]!, series.value[after]!]
  return v0 + ((v1 - v0) * (t - t0)) / (t1 - t0)
}
