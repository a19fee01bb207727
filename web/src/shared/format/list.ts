/** Items with one moved from a place to another; a place beyond either end is that end. */
export function moved<T>(items: readonly T[], from: number, to: number): T[] {
  const next = [...items]
  const [item] = next.splice(from, 1)
  if (item !== undefined) {
    next.splice(Math.max(0, Math.min(next.length, to)), 0, item)
  }
  return next
}
