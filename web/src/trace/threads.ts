/** A place on the page, px from the upper left corner of the board. */
export interface Box {
  left: number
  right: number
  top: number
  bottom: number
}

const middle = (b: Box) => (b.top + b.bottom) / 2

/** A thread from the right edge of one box to the left edge of another, through the gutter between them. */
export function wordThread(from: Box, to: Box): string {
  const y0 = middle(from)
  const y1 = middle(to)
  const bend = (to.left - from.right) / 2
  return `M${from.right} ${y0} C${from.right + bend} ${y0} ${to.left - bend} ${y1} ${to.left} ${y1}`
}

const CORNER = 12

/**
 * A thread from a cause to something beside it that is no place in the log: along the gutter, so that it crosses nothing.
 *
 * @param aside px that it lies beside its neighbours in the gutter
 */
export function gutterThread(from: Box, to: Box, aside: number): string {
  const gutter = (from.right + to.left) / 2 + aside
  const y0 = middle(from)
  const y1 = middle(to)
  const c = Math.min(CORNER, Math.abs(y1 - y0) / 2, Math.max(1, (to.left - from.right) / 4))
  const down = y1 > y0 ? 1 : -1
  return [
    `M${from.right} ${y0}`,
    `L${gutter - c} ${y0}`,
    `Q${gutter} ${y0} ${gutter} ${y0 + down * c}`,
    `L${gutter} ${y1 - down * c}`,
    `Q${gutter} ${y1} ${gutter + c} ${y1}`,
    `L${to.left} ${y1}`,
  ].join(' ')
}

/**
 * A thread from a cause to its place in the log: along the gutter before the chart, then level between two panes, so
 * that it crosses no curve, and down to the anchor.
 *
 * @param chartLeft left edge of the chart's card; the gutter lies before it
 * @param levelY where the gap between the panes is
 */
export function logThread(from: Box, anchor: Box, chartLeft: number, levelY: number): string {
  const gutter = (from.right + chartLeft) / 2
  const y0 = middle(from)
  const x1 = (anchor.left + anchor.right) / 2
  const down = levelY > y0 ? 1 : -1
  const c = Math.min(CORNER, Math.abs(levelY - y0) / 2, Math.max(1, (x1 - gutter) / 2))
  return [
    `M${from.right} ${y0}`,
    `L${gutter - c} ${y0}`,
    `Q${gutter} ${y0} ${gutter} ${y0 + down * c}`,
    `L${gutter} ${levelY - down * c}`,
    `Q${gutter} ${levelY} ${gutter + c} ${levelY}`,
    `L${x1 - c} ${levelY}`,
    `Q${x1} ${levelY} ${x1} ${Math.min(levelY + c, anchor.bottom)}`,
    `L${x1} ${anchor.bottom}`,
  ].join(' ')
}
