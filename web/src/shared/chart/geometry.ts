/** Where the panes of a roast chart lie, in px. One time axis for all of them. */
export interface Geometry {
  width: number
  height: number
  left: number
  right: number
  temperature: Pane
  ror: Pane
  lanes: Pane[]
  axis: number
}

export interface Pane {
  top: number
  height: number
}

const RULER = 30
const GAP = 34
const LANE = 20
const LANE_GAP = 8
const AXIS = 22

/** Shares the height out: temperatures get two thirds of what ruler, rail, lanes and axis leave. */
export function layout(width: number, height: number, railRows: number, lanes: number): Geometry {
  const rail = RULER + railRows * 22 + 6
  const lanesHeight = lanes * (LANE + LANE_GAP)
  const free = Math.max(120, height - rail - GAP - lanesHeight - AXIS - 8)
  const temperature = { top: rail, height: Math.round(free * 0.62) }
  const ror = { top: rail + temperature.height + GAP, height: Math.round(free * 0.38) }
  const firstLane = ror.top + ror.height + LANE_GAP + 4
  return {
    width,
    height,
    left: 46,
    right: 14,
    temperature,
    ror,
    lanes: Array.from({ length: lanes }, (_, i) => ({
      top: firstLane + i * (LANE + LANE_GAP),
      height: LANE,
    })),
    axis: height - AXIS,
  }
}

/** The time axis: seconds to px and back. */
export class TimeScale {
  constructor(
    private readonly geometry: Geometry,
    readonly fromS: number,
    readonly toS: number,
  ) {}

  private get inner(): number {
    return Math.max(1, this.geometry.width - this.geometry.left - this.geometry.right)
  }

  x(timeS: number): number {
    return this.geometry.left + ((timeS - this.fromS) / (this.toS - this.fromS)) * this.inner
  }

  timeS(x: number): number {
    const t = this.fromS + ((x - this.geometry.left) / this.inner) * (this.toS - this.fromS)
    return Math.min(this.toS, Math.max(this.fromS, t))
  }
}

/** Which row each label takes so that none covers another; labels in order of x. */
export function railRows(xs: readonly number[], widths: readonly number[]): number[] {
  const ends: number[] = []
  return xs.map((x, i) => {
    const row = ends.findIndex((end) => end <= x)
    const taken = row < 0 ? ends.length : row
    ends[taken] = x + widths[i]!
    return taken
  })
}
