import type { TimeScale } from './geometry'

interface Window {
  fromS: number
  toS: number
}

/** Which side the name of the lower pane stands on, px: where neither a fault nor a thread needs the place. */
export function sideOfRorName(
  faults: Window[],
  lit: Window | undefined,
  scale: Pick<TimeScale, 'x'>,
  pane: { width: number; left: number; right: number },
): { left: string } | { right: string } {
  const early = (s: number) => scale.x(s) < pane.width / 2
  const right = lit ? early((lit.fromS + lit.toS) / 2) : faults.some((f) => early(f.fromS))
  return right ? { right: `${pane.right + 4}px` } : { left: `${pane.left + 4}px` }
}
