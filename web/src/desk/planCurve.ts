import { computed, shallowRef, watch, type Ref } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import type { BandPoint } from '@/shared/chart/band'
import type { Control } from '@/shared/format/controls'
import type { Curve } from '@/shared/chart/series'

const EVERY_S = 10

/** The outline of the band about a planned curve. */
export function bandAbout(bean: Curve['beanC'], toleranceC: number): BandPoint[] {
  let last = -Infinity
  const points = bean.timeS
    .map((timeS, i) => ({ timeS, c: bean.value[i]! }))
    .filter((p) => {
      const take = p.timeS - last >= EVERY_S
      last = take ? p.timeS : last
      return take
    })
  return [
    ...points.map((p) => ({ ...p, c: p.c + toleranceC })),
    ...points.map((p) => ({ ...p, c: p.c - toleranceC })).reverse(),
  ]
}

/** What the plan of a batch is expected to give; nothing for a batch without a plan. */
export function usePlanCurve(batch: Ref<Schemas['BatchView'] | undefined>) {
  const plan = shallowRef<Schemas['PlanView']>()
  const prediction = shallowRef<Schemas['PredictionView']>()

  watch(
    () => batch.value?.planId,
    async (id) => {
      plan.value = undefined
      prediction.value = undefined
      if (id === undefined) {
        return
      }
      const found = await answer(api.GET('/api/plans/{id}', { params: { path: { id } } }))
      plan.value = found.data
      if (found.data) {
        const { greenSampleId, machineId, content } = found.data
        const result = await answer(
          api.POST('/api/plans/prediction', { body: { greenSampleId, machineId, content } }),
        )
        prediction.value = result.data?.available ? result.data : undefined
      }
    },
    { immediate: true },
  )
  const band = computed(() =>
    prediction.value?.curve
      ? bandAbout(prediction.value.curve.beanC, prediction.value.curveToleranceC)
      : undefined,
  )
  /** Where a control stands by the plan at a time: as its curve moves it, else as at charge. */
  function planned(control: Control, timeS: number) {
    const series = ({ gas: 'gasPct', air: 'airflowPct', drum: 'drumRpm' } as const)[control]
    const curve = prediction.value?.curve?.[series]
    const at = curve?.timeS.findLastIndex((t) => t <= timeS) ?? -1
    return curve && at >= 0 ? curve.value[at] : plan.value?.content.atCharge[series]
  }
  return { prediction, band, planned }
}
