import type { EChartsOption, LineSeriesOption } from 'echarts'
import { shownRate, shownTemperature, type UnitChoice } from '@/shared/format/units'
import { clock } from '@/shared/format/text'
import type { Geometry, Pane, TimeScale } from './geometry'
import { brokenLine, steps, type Curve, type Series } from './series'

/** Colours of a chart, read from the theme in force. */
export interface ChartColours {
  ink: string
  quiet: string
  line: string
  log: string
}

export interface Lane {
  name: 'gas' | 'air'
  series: Series
}

const ROR_STEP = 5
const ROR_LABEL_STEP = 10
const FONT = "'Source Sans 3 Variable', sans-serif"
const SECONDS_PER_TICK = 60
const ENVIRONMENT_ABOVE_C = 30

/** Top of the rate-of-rise axis: the next five above the highest value, with air. */
export function rorCeiling(values: readonly number[]): number {
  const highest = values.reduce((a, b) => Math.max(a, b), ROR_STEP)
  return Math.ceil((highest * 1.08) / ROR_STEP) * ROR_STEP
}

/** A further line: what is expected, or another roast. */
export interface ExtraLine {
  pane: 'temperature' | 'ror'
  series: Series
  /** Dashed for what is not read but expected. */
  dashed?: boolean
}

/** The lanes that were logged. */
export function lanesOf(curve: Curve): Lane[] {
  const all: Lane[] = [
    { name: 'gas', series: curve.gasPct },
    { name: 'air', series: curve.airflowPct },
  ]
  return all.filter((lane) => lane.series.timeS.length > 0)
}

/** The whole drawing: temperatures, rate of rise and control lanes on one time axis. */
export function chartOption(
  curve: Curve,
  units: UnitChoice,
  geometry: Geometry,
  scale: TimeScale,
  colours: ChartColours,
  extra: readonly ExtraLine[] = [],
): EChartsOption {
  const lanes = lanesOf(curve)
  const panes: Pane[] = [geometry.temperature, geometry.ror, ...geometry.lanes]
  const rate = curve.rorCPerMin.value.map((v) => shownRate(v, units))
  const line = (index: number, data: LineSeriesOption['data'], rest: LineSeriesOption): LineSeriesOption => ({
    type: 'line',
    xAxisIndex: index,
    yAxisIndex: index,
    data,
    showSymbol: false,
    silent: true,
    animation: false,
    ...rest,
  })
  const temperature = (v: number) => shownTemperature(v, units)
  const further = extra.map((e) =>
    line(
      e.pane === 'ror' ? 1 : 0,
      brokenLine(e.series, Infinity, e.pane === 'ror' ? (v) => shownRate(v, units) : temperature),
      {
        lineStyle: e.dashed
          ? { color: e.pane === 'ror' ? colours.log : colours.ink, width: 1.6, type: [5, 5] }
          : { color: colours.quiet, width: 1.6, opacity: 0.7 },
      },
    ),
  )
  return {
    animation: false,
    textStyle: { fontFamily: FONT },
    grid: panes.map((p) => ({ left: geometry.left, right: geometry.right, top: p.top, height: p.height })),
    xAxis: panes.map((_, i) => ({ ...timeAxis(i === panes.length - 1, scale, colours), gridIndex: i })),
    yAxis: panes.map((_, i) => ({
      ...valueAxis(i, colours, i === 0 ? temperatureBounds(curve, units, extra) : rorCeiling(rate)),
      gridIndex: i,
    })),
    series: [
      ...further,
      line(0, brokenLine(curve.environmentC, curve.gapS, temperature), {
        lineStyle: { color: colours.quiet, width: 1.4, type: [2, 4] },
      }),
      line(0, brokenLine(curve.beanC, curve.gapS, temperature), {
        lineStyle: { color: colours.ink, width: 2.4 },
      }),
      line(
        1,
        brokenLine(curve.rorCPerMin, curve.gapS, (v) => Math.max(0, shownRate(v, units))),
        {
          lineStyle: { color: colours.log, width: 2 },
          areaStyle: { color: colours.log, opacity: 0.16 },
        },
      ),
      ...lanes.map((lane, i) =>
        line(i + 2, steps(lane.series), { step: 'end', lineStyle: { color: colours.ink, width: 1.6 } }),
      ),
    ],
  }
}

function timeAxis(last: boolean, scale: TimeScale, colours: ChartColours) {
  return {
    type: 'value' as const,
    min: scale.fromS,
    max: scale.toS,
    interval: SECONDS_PER_TICK,
    axisLine: { show: false },
    axisTick: { show: false },
    splitLine: { show: false },
    axisLabel: {
      show: last,
      color: colours.quiet,
      fontSize: 13,
      hideOverlap: true,
      formatter: (s: number) => (s >= 0 && s % SECONDS_PER_TICK === 0 ? clock(s) : ''),
    },
  }
}

interface Bounds {
  min: number
  max: number
  interval: number
}

/** Round figures around all temperatures of a roast. */
export function temperatureBounds(curve: Curve, units: UnitChoice, extra: readonly ExtraLine[] = []): Bounds {
  const interval = units.temperature === 'F' ? 100 : 50
  const further = extra.filter((e) => e.pane === 'temperature').flatMap((e) => e.series.value)
  const ends = (values: readonly number[]) => [
    values.reduce((a, b) => Math.min(a, b), Infinity),
    values.reduce((a, b) => Math.max(a, b), -Infinity),
  ]
  const [lowestBean, highestBean] = ends([...curve.beanC.value, ...further]) as [number, number]
  const environment = ends(curve.environmentC.value) as [number, number]
  // the bean is what is read: an environment far above it runs out of the pane and does not flatten it
  const highestC = Math.max(highestBean, Math.min(environment[1], highestBean + ENVIRONMENT_ABOVE_C))
  const lowest = shownTemperature(Math.min(lowestBean, environment[0]), units)
  const highest = shownTemperature(Number.isFinite(highestC) ? highestC : environment[1], units)
  return {
    min: Math.floor(lowest / interval) * interval,
    max: Math.ceil(highest / interval) * interval,
    interval,
  }
}

function valueAxis(index: number, colours: ChartColours, bounds: Bounds | number) {
  const common = {
    type: 'value' as const,
    axisLine: { show: false },
    axisTick: { show: false },
    axisLabel: { show: index < 2, color: colours.quiet, fontSize: 13 },
    splitLine: { show: index < 2, lineStyle: { color: colours.line } },
  }
  if (typeof bounds !== 'number') {
    return { ...common, ...bounds }
  }
  const interval = bounds > 3 * ROR_LABEL_STEP ? 2 * ROR_LABEL_STEP : ROR_LABEL_STEP
  const axisLabel = { ...common.axisLabel, formatter: (v: number) => (v % interval === 0 ? String(v) : '') }
  return index === 1
    ? { ...common, min: 0, max: bounds, interval, axisLabel }
    : { ...common, min: 0, max: 100, splitLine: { show: false } }
}
