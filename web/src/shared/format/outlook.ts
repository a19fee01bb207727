const FIGURES: Record<string, string> = {
  dryEndS: 'dry end',
  firstCrackS: 'first crack',
  rorAtFirstCrackCPerMin: 'rate of rise at first crack',
}
const MOMENTS: Record<string, string> = {
  'turning-point': 'a minute after the turning point',
  'dry-end': 'at dry end',
}

/** A figure that the desk foretells, in words. */
export const foretold = (figure: string) => FIGURES[figure] ?? figure

/** When it was foretold, in words. */
export const foretoldAt = (from: string) => MOMENTS[from] ?? from
