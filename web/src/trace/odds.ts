/** A probability as a figure: never a certainty. */
export function percent(p: number): string {
  if (p > 0.99) {
    return 'over 99 %'
  }
  return p < 0.01 ? 'under 1 %' : `${Math.round(100 * p)} %`
}
