/** A probability in words, as people read them. */
export function likely(p: number): string {
  const words: [number, string][] = [
    [0.95, 'almost certainly'],
    [0.8, 'very likely'],
    [0.55, 'probably'],
    [0.25, 'maybe'],
    [0.08, 'perhaps'],
  ]
  return words.find(([from]) => p >= from)?.[1] ?? 'hardly'
}

/** The same at the beginning of a sentence. */
export function likelyFirst(p: number): string {
  const word = likely(p)
  return word.charAt(0).toUpperCase() + word.slice(1)
}

/** A probability as a figure: never a certainty. */
export function percent(p: number): string {
  if (p > 0.99) {
    return 'over 99 %'
  }
  return p < 0.01 ? 'under 1 %' : `${Math.round(100 * p)} %`
}
