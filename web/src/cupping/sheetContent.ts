import type { Schemas } from '@/shared/api/client'

export type CupMark = Schemas['CupMark']
export type WordMark = Schemas['WordMark']

/** What a cupper has written down of one sample; an attribute not scored yet is not there. */
export interface SheetContent {
  cupper: string
  attributes: Record<string, number>
  cups: CupMark[]
  words: WordMark[]
  intensities: Record<string, number>
  scales: Record<string, number>
  note: string
  verdict?: Schemas['SheetEntry']['verdict']
}

/** A scale of a form, as the server describes it. */
export type Scale = Schemas['ScaleView']
/** A form with its scales. */
export type Form = Schemas['FormView']

/** One step up or down, within the scale; from nothing it begins where most are. */
export function stepped(scale: Scale, score: number | undefined, steps: number): number {
  if (score === undefined) {
    return scale.begin
  }
  return Math.min(scale.most, Math.max(scale.least, score + steps * scale.step))
}

/** The nearest that can be given. */
export const onStep = (scale: Scale, score: number) => Math.round(score / scale.step) * scale.step

/** The score nearest to a share of the drawn scale; one drawn in cells ends a cell further. */
export function scoreAt(scale: Scale, share: number): number {
  const within = Math.min(1, Math.max(0, share))
  const cells = Math.round((scale.most - scale.from) / scale.step) + 1
  return scale.from + Math.min(cells - 1, Math.floor(within * cells)) * scale.step
}

/** As it is read: quarters with both places, whole numbers without. */
export const written = (scale: Scale, score: number | undefined) =>
  score === undefined ? '–' : score.toFixed(scale.step < 1 ? 2 : 0)

const NEXT_DEFECT: Record<string, string> = { none: 'taint', taint: 'fault', fault: 'none' }

/** The next mark of a cup's defect: none, taint, fault, and none again. */
export const nextDefect = (defect: string | undefined) =>
  NEXT_DEFECT[defect ?? 'none']! as NonNullable<CupMark['defect']>

/**
 * The words with one cup of one word turned on or off; a word with no cup left goes. While it stands in all of several cups, as
 * it begins, the first cup that is touched is the one that is meant.
 */
export function toggledCup(words: readonly WordMark[], word: string, cup: number, of: number): WordMark[] {
  return words
    .map((w) => {
      if (w.word !== word) {
        return w
      }
      if (of > 1 && w.cups.length === of) {
        return { ...w, cups: [cup] }
      }
      const cups = w.cups.includes(cup)
        ? w.cups.filter((c) => c !== cup)
        : [...w.cups, cup].sort((a, b) => a - b)
      return { ...w, cups }
    })
    .filter((w) => w.cups.length > 0)
}

/** The values with one set, or taken back. */
export function withValue(values: Record<string, number>, name: string, value: number | undefined) {
  const others = { ...values }
  delete others[name]
  return value === undefined ? others : { ...others, [name]: value }
}

/** A word as it is kept: any may be written. */
export const plainWord = (typed: string) => typed.trim().toLowerCase().slice(0, 40)

/** The words with one more, found in all cups until somebody says otherwise; one already there stays as it is. */
export function withWord(words: readonly WordMark[], word: string, cups: number): WordMark[] {
  if (words.some((w) => w.word === word)) {
    return [...words]
  }
  return [...words, { word, cups: Array.from({ length: cups }, (_, i) => i + 1) }]
}

/** Vocabulary words that match what is typed: those that begin with it first. */
export function matchingWords<T extends { word: string; alsoFoundBy: string[] }>(
  all: readonly T[],
  typed: string,
): T[] {
  const sought = typed.trim().toLowerCase()
  if (!sought) {
    return []
  }
  const names = (w: T) => [w.word, ...w.alsoFoundBy]
  const begins = all.filter((w) => names(w).some((n) => n.startsWith(sought)))
  const holds = all.filter((w) => !begins.includes(w) && names(w).some((n) => n.includes(sought)))
  return [...begins, ...holds]
}

/** How a score went while the cup cooled, such as "7.50 at 68 °C, now 7.75 at 45 °C"; empty while it stayed. */
export function trailText(
  trail: Schemas['ScoreTrail'] | undefined,
  temperature: (c: number) => string,
): string | undefined {
  if (!trail?.last) {
    return undefined
  }
  const at = (m: Schemas['ScoreTrailMark']) =>
    m.cupC === undefined ? `${m.score}` : `${m.score} at ${temperature(m.cupC)}`
  return `first ${at(trail.first)}, then ${at(trail.last)}`
}
