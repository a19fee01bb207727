import { answer, api, type Schemas } from '@/shared/api/client'
import { baseOf, shownControl, sliderOf, type Control } from '@/shared/format/controls'
import { provideControls } from '@/shared/useControls'
import { ref } from 'vue'
import { useLoad } from '@/shared/api/useLoad'
import type { useDesk } from './useDesk'

/** How far an arrow moves gas or air, %; with Shift it is the roaster's own step. */
const STEP_PCT = 5
/** The same of the drum, 1/min. */
const STEP_RPM = 2
/** So long an arrow counts on from where the last one went: the roaster needs time to say so. */
const ASKED_MS = 2000

/**
 * Gas and air by the arrow keys, the drum by brackets, within what this roaster can be set to. Where nobody told where a
 * control stands, it begins at the plan; without one it is asked for, and nothing is logged.
 */
export function useMoves(
  machineId: number,
  desk: ReturnType<typeof useDesk>,
  planned: (control: Control, timeS: number) => number | undefined = () => undefined,
) {
  const asking = ref<Control>()
  const machine = useLoad(() =>
    answer(api.GET('/api/machines/{id}', { params: { path: { id: machineId } } })),
  )
  provideControls(() => machine.data.value?.settings)
  const asked: Partial<Record<Control, { value: number; ms: number }>> = {}

  function move(control: Control, direction: 1 | -1, event?: KeyboardEvent) {
    const f = desk.state.value?.figures
    if (desk.state.value?.phase === 'roasting' && f) {
      const otherwise = control === 'drum' ? { min: 1, max: 200, step: 1 } : { min: 0, max: 100, step: 1 }
      const range = machine.data.value?.settings[control] ?? otherwise
      const before = asked[control]
      const now = performance.now()
      const shown = { gas: f.gasPct, air: f.airflowPct, drum: f.drumRpm }[control]
      const lately = before && now - before.ms < ASKED_MS ? before.value : undefined
      const at = lately ?? shown ?? planned(control, desk.state.value!.nowS)
      if (at === undefined) {
        asking.value = control
        return
      }
      const value = moved(control, at, direction, range, event?.shiftKey ?? false)
      asked[control] = { value, ms: now }
      void desk.control(control, value)
    }
  }
  return { move, asking }
}

/** A step up or down; a scale of its own moves by a twentieth of the whole, or by its own step. */
function moved(
  control: Control,
  at: number,
  direction: 1 | -1,
  range: Schemas['ControlRange'],
  fine: boolean,
) {
  if (range.scale) {
    const { min, max, step } = sliderOf(range)
    const coarse = Math.max(step, Math.round((max - min) / 20 / step) * step)
    return baseOf(shownControl(at, range) + direction * (fine ? step : coarse), range)
  }
  const by = fine ? range.step : Math.max(control === 'drum' ? STEP_RPM : STEP_PCT, range.step)
  return Math.max(range.min, Math.min(range.max, at + direction * by))
}
