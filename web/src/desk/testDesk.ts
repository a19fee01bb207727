import type { Schemas } from '@/shared/api/client'

/** A desk in the middle of a roast, for tests. */
export type State = Schemas['DeskState']

export const link = (over: Partial<Schemas['LinkView']> = {}): Schemas['LinkView'] => ({
  status: 'ok',
  text: '',
  kept: 12,
  refused: 0,
  gaps: 0,
  unwritten: 0,
  ...over,
})
export const batch = (over: Partial<Schemas['BatchView']> = {}): Schemas['BatchView'] => ({
  greenSampleId: 1,
  lotId: 1,
  lotName: 'Gatovu Hill',
  process: 'washed',
  stage: 'arrival',
  greenG: 120,
  chargeC: 190,
  batch: 2,
  batches: 6,
  warmUp: false,
  preparedAt: '2026-03-02T09:00:00Z',
  coolingLimitS: 240,
  ...over,
})
export const desk = (over: Partial<State> = {}): State => ({
  machineId: 1,
  machineName: 'Drum 1',
  phase: 'roasting',
  link: link(),
  nowS: 402,
  zeroS: 10,
  rate: 1,
  batch: batch(),
  figures: { beanC: 176.4, rorCPerMin: 11.2, environmentC: 192, gasPct: 60, airflowPct: 45 },
  entries: [
    { seq: 1, kind: 'charge', timeS: 0, beanC: 190 },
    { seq: 2, kind: 'dry_end', timeS: 285, beanC: 158 },
  ],
  stretches: [
    { name: 'drying', fromS: 0, toS: 285, durationS: 285, sharePct: 70.9 },
    { name: 'browning', fromS: 285, toS: 402, durationS: 117, sharePct: 29.1 },
  ],
  expected: 'first_crack',
  pops: 0,
  ...over,
})
export const wire = (first: number, timeS: number[], zeroS = 0): Schemas['ReadingsView'] => ({
  first,
  timeS,
  beanC: timeS.map((t) => 100 + t),
  environmentC: timeS.map((t) => 120 + t),
  rorCPerMin: timeS.map(() => 10),
  gasPct: timeS.map(() => 60),
  airflowPct: timeS.map(() => 40),
  zeroS,
})
