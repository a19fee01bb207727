import type { Schemas } from '@/shared/api/client'

/** The causes that a cup may be called, in the order of the work. */
export const CAUSES = [
  { value: 'baked', title: 'baked' },
  { value: 'scorched', title: 'scorched' },
  { value: 'tipped', title: 'tipped' },
  { value: 'underdeveloped', title: 'underdeveloped' },
  { value: 'overdeveloped', title: 'overdeveloped' },
  { value: 'tart', title: 'tart, thin in the middle' },
  { value: 'muted', title: 'muted' },
  { value: 'quakers', title: 'quakers' },
  { value: 'green-mould', title: 'mould in the green' },
  { value: 'green-ferment', title: 'ferment in the green' },
  { value: 'green-phenol', title: 'phenol in the green' },
  { value: 'past-crop', title: 'past crop' },
  { value: 'under-rested', title: 'under-rested' },
  { value: 'stale', title: 'stale' },
  { value: 'preparation', title: 'preparation' },
  { value: 'uneven', title: 'uneven roast' },
]

const METRICS: Record<string, [name: string, unit: string]> = {
  chargeC: ['charge', '°C'],
  turningPointS: ['turning point', 's'],
  turningPointC: ['turning point', '°C'],
  dryEndS: ['dry end', 's'],
  firstCrackS: ['first crack', 's'],
  totalS: ['total time', 's'],
  dropC: ['drop', '°C'],
  dryingPct: ['drying', '%'],
  browningPct: ['browning', '%'],
  developmentPct: ['development', '%'],
  rorAtFirstCrackCPerMin: ['rate of rise at first crack', '°C/min'],
  rorPeakCPerMin: ['peak rate of rise', '°C/min'],
  rorBeforeCrackCPerMin: ['rate of rise a minute before first crack', '°C/min'],
  rorAtDropCPerMin: ['rate of rise at the drop', '°C/min'],
  developmentS: ['development time', 's'],
  environmentDropC: ['environment at the drop', '°C'],
  developmentRiseC: ['degrees from first crack to drop', '°C'],
  drumRpm: ['drum speed', '1/min'],
  weightLossPct: ['weight loss', '%'],
  colourWhole: ['colour of the whole beans', ''],
  colourGround: ['colour of the ground coffee', ''],
  colourGap: ['ground lighter than whole by', ''],
  quakersPer100g: ['quakers', 'in 100 g'],
  scorchedPer100g: ['scorched beans', 'in 100 g'],
  tippedPer100g: ['tipped beans', 'in 100 g'],
}

export const metricUnit = (metric: string) => METRICS[metric]?.[1] ?? ''
export const metricName = (metric: string) => METRICS[metric]?.[0] ?? metric

export const figure = (x: number) => x.toFixed(Math.abs(x) < 20 ? 1 : 0)

/** A pattern as a sentence: the figure, the side, where the calls part, and its interval. */
export function patternSentence(p: Schemas['PatternView']): string {
  const [name, unit] = METRICS[p.metric] ?? [p.metric, '']
  const first = name.charAt(0).toUpperCase() + name.slice(1)
  if (p.threshold === undefined) {
    return first
  }
  const between =
    p.lower === undefined || p.upper === undefined
      ? ''
      : ` (between ${figure(p.lower)} and ${figure(p.upper)})`
  return `${first} ${p.direction} ${figure(p.threshold)}${unit ? ` ${unit}` : ''}${between}`
}
