import type { Schemas } from '@/shared/api/client'
import { capital } from '@/shared/format/text'

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
  { value: 'green-potato', title: 'potato defect of the green' },
  { value: 'past-crop', title: 'past crop' },
  { value: 'under-rested', title: 'under-rested' },
  { value: 'stale', title: 'stale' },
  { value: 'preparation', title: 'preparation' },
  { value: 'uneven', title: 'uneven roast' },
]

export const figure = (x: number) => x.toFixed(Math.abs(x) < 20 ? 1 : 0)

/** A pattern as a sentence: the figure, the side, where the calls part, and its interval. */
export function patternSentence(p: Schemas['PatternView']): string {
  const first = capital(p.label)
  const unit = p.unit
  if (p.threshold === undefined) {
    return first
  }
  const between =
    p.lower === undefined || p.upper === undefined
      ? ''
      : ` (between ${figure(p.lower)} and ${figure(p.upper)})`
  return `${first} ${p.direction} ${figure(p.threshold)}${unit ? ` ${unit}` : ''}${between}`
}
