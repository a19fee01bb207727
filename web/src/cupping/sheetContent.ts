import type { Schemas } from '@/shared/api/client'

export type CupMark = Schemas['CupMark']
export type WordMark = Schemas['WordMark']

/** What a cupper has written down of one sample; an attribute not scored yet is not there. */
export interface SheetContent {
  cupper: string
  attributes: Record<string, number>
  cups: CupMark[]
  words: WordMark[]
}

export const ATTRIBUTES = [
  { field: 'fragranceAroma', label: 'Fragrance / aroma' },
  { field: 'flavour', label: 'Flavour' },
  { field: 'aftertaste', label: 'Aftertaste' },
  { field: 'acidity', label: 'Acidity' },
  { field: 'body', label: 'Body' },
  { field: 'balance', label: 'Balance' },
  { field: 'overall', label: 'Overall' },
] as const

export const SCORE_FROM = 6
export const SCORE_TO = 10
export const SCORE_STEP = 0.25

/** Where stepping begins on an attribute that has no score: good coffee. */
const FIRST_SCORE = 7

/** One quarter point up or down, within 0 to 10; from nothing it begins at 7. */
export function stepped(score: number | undefined, steps: number): number {
  if (score === undefined) {
    return FIRST_SCORE
  }
  return Math.min(SCORE_TO, Math.max(0, score + steps * SCORE_STEP))
}

/** The score nearest to a share of the scale from 6 to 10. */
export function scoreAt(share: number): number {
  const raw = SCORE_FROM + Math.min(1, Math.max(0, share)) * (SCORE_TO - SCORE_FROM)
  return Math.round(raw / SCORE_STEP) * SCORE_STEP
}

const NEXT_DEFECT: Record<string, string> = { none: 'taint', taint: 'fault', fault: 'none' }

/** The next mark of a cup's defect: none, taint, fault, and none again. */
export const nextDefect = (defect: string | undefined) =>
  NEXT_DEFECT[defect ?? 'none']! as NonNullable<CupMark['defect']>

/** The words with one cup of one word turned on or off; a word with no cup left goes. */
export function toggledCup(words: readonly WordMark[], word: string, cup: number): WordMark[] {
  return words
    .map((w) => {
      if (w.word !== word) {
        return w
      }
      const cups = w.cups.includes(cup)
        ? w.cups.filter((c) => c !== cup)
        : [...w.cups, cup].sort((a, b) => a - b)
      return { ...w, cups }
    })
    .filter((w) => w.cups.length > 0)
}

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
