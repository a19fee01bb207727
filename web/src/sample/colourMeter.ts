import { computed, type ComputedRef, type WritableComputedRef } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'

const WHOLE = 100
/** 100 − 57.3 is 42.7, and no 42.700000000000003. */
const turned = (x: number | undefined) => (x === undefined ? undefined : Math.round(10 * (WHOLE - x)) / 10)

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
      get: () => (colour.value.darker ? turned(kept.value) : kept.value),
      set: (x) => keep(colour.value.darker ? turned(x) : x),
    })
  }
  return { colour, shown }
}

/** What stands over the colours. */
export function told(meter?: Schemas['MeterView']) {
  const darker = meter?.counts === 'more-is-darker'
  const way = darker
    ? 'As your meter shows it: more is darker. Everywhere else more is lighter.'
    : 'More is lighter.'
  return { scale: meter?.scale ?? '', darker, says: meter?.note ? `${way} ${meter.note}` : way }
}
