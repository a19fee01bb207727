import type { Schemas } from '@/shared/api/client'

export type Clock = Schemas['ClockView']
export type Step = Schemas['TableClockStep']

/** The step that runs at a moment, and the one after it. */
export function stepAt(clock: Clock, atS: number): { now?: Step; next?: Step } {
  const i = clock.steps.findLastIndex((s) => s.fromS <= atS)
  return { now: clock.steps[i], next: clock.steps[i + 1] }
}

/** The sample whose pour or break comes next: the latest poured, or the first unbroken. */
export function sampleNow(
  clock: Clock,
  stage: Step['stage'],
  atS: number,
): Schemas['ClockSample'] | undefined {
  return stage === 'pour'
    ? (clock.samples.find((s) => !s.poured && s.pourS > atS - 1) ??
        clock.samples.find((s) => s.pourS > atS - 1))
    : clock.samples.find((s) => s.brokenS === undefined)
}
