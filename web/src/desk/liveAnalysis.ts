import type { Schemas } from '@/shared/api/client'

type Analysis = Schemas['AnalysisView']

/** What the chart shows of a roast that is not done: its phases so far. */
export function liveAnalysis(state: Schemas['DeskState']): Analysis {
  const at = (kind: string) => state.entries.find((e) => e.kind === kind)
  const milestone = (kind: string) => {
    const e = at(kind)
    return e ? { timeS: e.timeS, beanC: e.beanC ?? 0 } : undefined
  }
  const dryS = at('dry_end')?.timeS
  const crackS = at('first_crack')?.timeS
  const endS = at('drop')?.timeS ?? state.nowS
  const phase = (fromS: number, toS: number) => ({
    fromS,
    toS,
    durationS: toS - fromS,
    sharePct: endS > 0 ? (100 * (toS - fromS)) / endS : undefined,
    riseC: 0,
    meanRorCPerMin: 0,
  })
  const none = { learned: false, roasts: 0, needed: 0 }
  return {
    dryEnd: milestone('dry_end'),
    firstCrack: milestone('first_crack'),
    drop: milestone('drop'),
    phases: {},
    drying: phase(0, dryS ?? crackS ?? endS),
    browning: dryS === undefined ? undefined : phase(dryS, crackS ?? endS),
    development: crackS === undefined ? undefined : phase(crackS, endS),
    faults: [],
    missing: [],
    notices: [],
    reference: {
      chargeC: none,
      turningPointS: none,
      turningPointC: none,
      dryEndC: none,
      firstCrackC: none,
      peakCPerMin: none,
    },
  }
}
