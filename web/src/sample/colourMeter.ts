import { computed, type ComputedRef, type WritableComputedRef } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'

/** 100 − 57.3 is 42.7, and no 42.700000000000003. */
const turned = (x: number | undefined, from: number | undefined) =>
  x === undefined || from === undefined ? x : Math.round(10 * (from - x)) / 10

/** What the lab's colour meter shows: its scale and which way it counts; kept is always "more is lighter". */
export function useColourMeter() {
  const meters = useLoad(() => answer(api.GET('/api/meters')))
  const meter = computed(() => meters.data.value?.meters.find((m) => m.kind === 'colour'))
  const colour = computed(() => told(meter.value))

  /** A kept colour as the meter shows it, and back again. */
  function shown(
    kept: ComputedRef<number | undefined>,
    keep: (x?: number) => void,
  ): WritableComputedRef<number | undefined> {
    return computed({
      get: () => turned(kept.value, meter.value?.keptFrom),
      set: (x) => keep(turned(x, meter.value?.keptFrom)),
    })
  }
  return { colour, shown }
}

/** What stands over the colours. */
export function told(meter?: Schemas['MeterView']) {
  const way = meter?.keptFrom
    ? 'As your meter shows it: more is darker. Everywhere else more is lighter.'
    : 'More is lighter.'
  return { scale: meter?.scale ?? '', says: meter?.note ? `${way} ${meter.note}` : way }
}
