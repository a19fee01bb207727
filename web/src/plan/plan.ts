import type { Schemas } from '@/shared/api/client'
import type { BandAim } from '@/shared/chart/band'
import { clock } from '@/shared/format/text'

export type Content = Schemas['PlanContent']
export type Move = Schemas['MoveView']
export type When = Schemas['WhenView']
export type Prediction = Schemas['PredictionView']
export type Figure = Schemas['FigureView']

/** Text of temperatures and rates in the reader's units. */
export interface UnitTexts {
  temperatureText: (c: number) => string
  differenceText: (c: number) => string
  rateText: (cPerMin: number) => string
}

const EVENTS: Record<string, string> = {
  turning_point: 'turning point',
  dry_end: 'dry end',
  first_crack: 'first crack',
}

/** When a move comes, in words. */
export function whenText(when: When, units: UnitTexts): string {
  if (when.kind === 'time') {
    return `at ${clock(when.timeS ?? 0)}`
  }
  if (when.kind === 'bean') {
    return `bean ${units.temperatureText(when.beanC ?? 0)}`
  }
  if (when.kind === 'environment-falling' || when.kind === 'environment-rising') {
    const way = when.kind === 'environment-falling' ? 'fallen to' : 'risen to'
    return `environment ${way} ${units.temperatureText(when.environmentC ?? 0)}`
  }
  if (when.kind === 'rate') {
    return `rise down to ${units.rateText(when.cPerMin ?? 0)}`
  }
  const event = EVENTS[when.event ?? ''] ?? when.event ?? ''
  if (when.kind === 'before') {
    return `${clock(when.beforeS ?? 0)} before ${event}`
  }
  return when.afterS ? `${event} + ${clock(when.afterS)}` : `at ${event}`
}

/** A figure with its unit. */
export function figureText(value: number | undefined, unit: Figure['unit'], units: UnitTexts): string {
  if (value === undefined) {
    return 'never'
  }
  return {
    seconds: () => clock(value),
    celsius: () => units.temperatureText(value),
    percent: () => `${value.toFixed(1)} %`,
    'celsius-per-minute': () => units.rateText(value),
  }[unit]()
}

/** A tolerance or an error with its unit: a difference is never shifted by the offset of °F. */
export function spreadText(value: number | undefined, unit: Figure['unit'], units: UnitTexts): string {
  if (value === undefined) {
    return ''
  }
  return {
    seconds: () => `±${Math.round(value)} s`,
    celsius: () => `±${units.differenceText(value)}`,
    percent: () => `±${value.toFixed(1)} %`,
    'celsius-per-minute': () => `±${units.rateText(value)}`,
  }[unit]()
}

/** The milestones aimed at, for the band: when from the aims, how hot from where this probe meets each event. */
export function bandAims(content: Content, prediction: Prediction): BandAim[] {
  const { analysis, eventToleranceC } = prediction
  const aims: BandAim[] = []
  const add = (field: string, c: number | undefined, toleranceC: number) => {
    const aim = content.targets[field]
    if (aim && c !== undefined) {
      aims.push({ timeS: aim.value, toleranceS: aim.tolerance, c, toleranceC })
    }
  }
  add('dryEndS', analysis?.dryEnd?.beanC, eventToleranceC)
  add('firstCrackS', analysis?.firstCrack?.beanC, eventToleranceC)
  const drop = content.targets.dropC
  add('totalS', drop?.value ?? analysis?.drop?.beanC, drop?.tolerance ?? eventToleranceC)
  return aims
}

/** A plan that can be changed without changing the one it was made from. */
export const copy = (content: Content): Content => JSON.parse(JSON.stringify(content)) as Content
