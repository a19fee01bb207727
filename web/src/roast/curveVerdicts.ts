import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'

/** Whether the screens say what a curve looks like before the roast has been cupped; a setting of the lab. */
export const useCurveVerdicts = defineStore('curve-verdicts', () => {
  const held = shallowRef<Schemas['CurveVerdictsView']>()

  async function refresh() {
    held.value = (await answer(api.GET('/api/curve-verdicts'))).data ?? held.value
  }

  async function keep(afterCup: boolean) {
    const result = await answer(api.PUT('/api/curve-verdicts', { body: { afterCup } }))
    held.value = result.data ?? held.value
    return result.failure
  }

  /** Whether a verdict on this curve may be shown. */
  const mayTell = (roastId: number) => !held.value?.afterCup || held.value.cupped.includes(roastId)

  return { held, refresh, keep, mayTell }
})

export const HIDDEN = 'What the curve looks like is told when the roast has been cupped.'

/** An analysis without what it says of the shape of the curve. */
export function untold(analysis: Schemas['AnalysisView']): Schemas['AnalysisView'] {
  return { ...analysis, faults: [], notices: [HIDDEN] }
}
