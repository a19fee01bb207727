import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import type { useDesk } from './useDesk'

/** How far an arrow moves gas or air, %; with Shift it is the roaster's own step. */
const STEP_PCT = 5
/** So long an arrow counts on from where the last one went: the roaster needs time to say so. */
const ASKED_MS = 2000

/** Gas and air by the arrow keys, within what this roaster can be set to. */
export function useMoves(machineId: number, desk: ReturnType<typeof useDesk>) {
  const machine = useLoad(() =>
    answer(api.GET('/api/machines/{id}', { params: { path: { id: machineId } } })),
  )
  const asked: Partial<Record<'gas' | 'air', { value: number; ms: number }>> = {}

  function move(control: 'gas' | 'air', direction: 1 | -1, event?: KeyboardEvent) {
    const f = desk.state.value?.figures
    if (desk.state.value?.phase === 'roasting' && f) {
      const range = machine.data.value?.settings[control] ?? { min: 0, max: 100, step: 1 }
      const by = direction * (event?.shiftKey ? range.step : Math.max(STEP_PCT, range.step))
      const before = asked[control]
      const now = performance.now()
      const shown = (control === 'gas' ? f.gasPct : f.airflowPct) ?? 50
      const at = before && now - before.ms < ASKED_MS ? before.value : shown
      const value = Math.max(range.min, Math.min(range.max, at + by))
      asked[control] = { value, ms: now }
      void desk.control(control, value)
    }
  }
  return move
}
