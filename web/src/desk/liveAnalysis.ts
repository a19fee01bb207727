import type { Schemas } from '@/shared/api/client'

type Analysis = Schemas['AnalysisView']

/** What the chart shows of a roast that is not done: its events, and its stretches so far. */
export function liveAnalysis(state: Schemas['DeskState']): Analysis {
  const milestone = (kind: string) => {
    const e = state.entries.find((x) => x.kind === kind)
    return e ? { timeS: e.timeS, beanC: e.beanC ?? 0 } : undefined
  }
  const stretch = (name: string) => {
    const s = state.stretches.find((x) => x.name === name)
    return s && { ...s, riseC: 0, meanRorCPerMin: 0 }
  }
  const none = { learned: false, roasts: 0, needed: 0 }
  return {
    dryEnd: milestone('dry_end'),
    firstCrack: milestone('first_crack'),
    drop: milestone('drop'),
    phases: {},
    environment: {},
    drying: stretch('drying'),
    browning: stretch('browning'),
    development: stretch('development'),
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
      environmentDropC: none,
    },
  }
}
