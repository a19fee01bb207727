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

/** The one thing to do. */
export const SAY: Record<Step['stage'], string> = {
  pour: 'Pour',
  leave: 'Leave the crust',
  break: 'Break the crust',
  skim: 'Skim',
  wait: 'Wait until the cups have cooled',
  taste: 'First taste: flavour and aftertaste',
  'second-round': 'Second round: acidity, body, balance',
  'last-round': 'Last round: sweetness, uniformity, clean cup',
  stop: 'Stop: the cups are cold',
}

/** In two words, for what comes after. */
export const NEXT: Record<Step['stage'], string> = {
  pour: 'pour',
  leave: 'leave the crust',
  break: 'break',
  skim: 'skim',
  wait: 'wait',
  taste: 'first taste',
  'second-round': 'second round',
  'last-round': 'last round',
  stop: 'the end',
}
