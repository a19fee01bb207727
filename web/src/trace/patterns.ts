import type { Schemas } from '@/shared/api/client'
import { capital } from '@/shared/format/text'

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
