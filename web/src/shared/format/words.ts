import type { Schemas } from '@/shared/api/client'
import { WORDS } from '@/shared/api/words'

/** A closed set of values that the core knows. */
export type WordSet = keyof typeof WORDS
/** One of its values. */
export type Code<S extends WordSet> = Schemas[S]

/** One value with its label, as a list to choose from wants it. */
export interface Word<S extends WordSet> {
  value: Code<S>
  title: string
  meaning: string
}

/** All values of a set in their order; the label, and what it means where the core says so. */
export const wordsOf = <S extends WordSet>(set: S): Word<S>[] =>
  WORDS[set].map((w) => ({
    value: w.value as Code<S>,
    title: w.title,
    meaning: w.meaning,
  }))

/** The same to choose from, each with its meaning: "protocol: 8 to 24 hours". */
export const choicesOf = <S extends WordSet>(set: S) =>
  wordsOf(set).map((w) => ({ value: w.value, title: w.meaning ? `${w.title}: ${w.meaning}` : w.title }))

/** The label of one value. */
export const labelOf = <S extends WordSet>(set: S, code: Code<S>): string =>
  WORDS[set].find((w) => w.value === code)?.title ?? code

/** What one value means, in a sentence. */
export const meaningOf = <S extends WordSet>(set: S, code: Code<S>): string =>
  WORDS[set].find((w) => w.value === code)?.meaning ?? ''
