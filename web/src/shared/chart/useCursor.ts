import type { Ref } from 'vue'
import type { TimeScale } from './geometry'

const STEP_S = 1
const LONG_STEP_S = 10

/** Reads a chart at a time, s since charge: by pointer, or by arrows from its middle on. */
export function useCursor(
  cursor: Ref<number | undefined>,
  box: Readonly<Ref<HTMLElement | undefined>>,
  scale: Readonly<Ref<TimeScale>>,
  range: Readonly<Ref<{ fromS: number; toS: number }>>,
) {
  function onPointer(event: PointerEvent) {
    if (box.value) {
      cursor.value = Math.round(scale.value.timeS(event.clientX - box.value.getBoundingClientRect().left))
    }
  }

  function onKey(event: KeyboardEvent) {
    const { fromS, toS } = range.value
    const from = cursor.value ?? (fromS + toS) / 2
    const step = event.shiftKey ? LONG_STEP_S : STEP_S
    const moves: Record<string, number> = {
      ArrowLeft: from - step,
      ArrowRight: from + step,
      Home: fromS,
      End: toS,
    }
    const to = moves[event.key]
    if (to !== undefined) {
      event.preventDefault()
      cursor.value = Math.round(Math.min(toS, Math.max(fromS, to)))
    }
  }
  return { onPointer, onKey }
}
