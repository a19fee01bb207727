/** A bracket over a fault: where it stands, and what is written beside it. */
export interface Bracket {
  left: number
  width: number
  text: string
  /** Written to its left, because there is no room on the right. */
  flipped: boolean
}

/** Height of a row of brackets, px. */
export const BRACKET_ROW = 17

// a letter of the bracket's text is about so wide, px
const LETTER = 7
const AIR = 10

/** Puts brackets in as few rows as leave every text readable. */
export function inRows<T extends Bracket>(brackets: readonly T[]): (T & { row: number })[] {
  const taken: { from: number; to: number }[][] = []
  return brackets.map((b) => {
    const letters = b.text.length * LETTER + AIR
    const from = b.flipped ? b.left - letters : b.left
    const to = b.flipped ? b.left + b.width : b.left + Math.max(b.width, letters)
    let row = taken.findIndex((spans) => spans.every((s) => to <= s.from || from >= s.to))
    if (row < 0) {
      row = taken.push([]) - 1
    }
    taken[row]!.push({ from, to })
    return { ...b, row }
  })
}
