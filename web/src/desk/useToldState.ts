import { computed, onMounted, type Ref } from 'vue'
import { useCurveVerdicts } from '@/roast/curveVerdicts'
import type { DeskState } from './useDesk'

/** The desk as it may be told: a lab that says what a curve looks like only after its cup is warned of dangers alone. */
export function useToldState(state: Readonly<Ref<DeskState | undefined>>) {
  const verdicts = useCurveVerdicts()
  onMounted(verdicts.refresh)
  return computed(() => {
    const s = state.value
    return s?.warning && !s.warning.safety && verdicts.held?.afterCup ? { ...s, warning: undefined } : s
  })
}
