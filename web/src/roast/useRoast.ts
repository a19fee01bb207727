import { computed, ref, shallowRef } from 'vue'
import { answer, api, type Answer, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { untold, useCurveVerdicts } from './curveVerdicts'
import { provideControlsOf } from '@/shared/useControls'

/** A roast with everything that is drawn of it. */
export interface WholeRoast {
  roast: Schemas['RoastView']
  analysis: Schemas['AnalysisView']
  curve: Schemas['CurveView']
}

/** Loads a roast with its analysis and curve; fails as a whole. */
export async function loadWhole(id: number): Promise<Answer<WholeRoast>> {
  const params = { params: { path: { id } } }
  const verdicts = useCurveVerdicts()
  const [roast, analysis, curve] = await Promise.all([
    answer(api.GET('/api/roasts/{id}', params)),
    answer(api.GET('/api/roasts/{id}/analysis', params)),
    answer(api.GET('/api/roasts/{id}/curve', params)),
    verdicts.refresh(),
  ])
  if (roast.failure || analysis.failure || curve.failure) {
    return { failure: (roast.failure ?? analysis.failure ?? curve.failure)! }
  }
  const told = verdicts.mayTell(id) ? analysis.data : untold(analysis.data)
  return { data: { roast: roast.data, analysis: told, curve: curve.data } }
}

/**
 * A roast whose events can be marked, moved and removed. Changes go to the server one after another, of several moves
 * of one event only the last, and the figures follow each.
 */
export function useRoast(id: number) {
  const whole = useLoad(() => loadWhole(id))
  provideControlsOf(() => whole.data.value?.roast.machineId)
  const problem = shallowRef<string>()
  const removed = shallowRef<{ kind: string; timeS: number }>()
  const waiting = new Map<string, number | undefined>()
  // where an event is wanted until the server has said the same
  const wanted = ref<Record<string, number>>({})
  const events = computed(() =>
    (whole.data.value?.roast.events ?? []).map((e) => ({ ...e, timeS: wanted.value[e.kind] ?? e.timeS })),
  )
  let running = false

  async function work() {
    if (running) {
      return
    }
    running = true
    for (let next = waiting.entries().next(); !next.done; next = waiting.entries().next()) {
      const [kind, timeS] = next.value
      waiting.delete(kind)
      const path = { params: { path: { id, kind } } }
      const result =
        timeS === undefined
          ? await answer(api.DELETE('/api/roasts/{id}/events/{kind}', path))
          : await answer(api.PUT('/api/roasts/{id}/events/{kind}', { ...path, body: { timeS } }))
      problem.value = result.failure?.problems[0]?.message ?? result.failure?.message
      await whole.reload()
      if (!waiting.has(kind)) {
        delete wanted.value[kind]
      }
      if (kind === 'charge' && timeS !== undefined && !result.failure) {
        countFrom(timeS)
      }
    }
    running = false
  }

  /** A moved charge moves the clock; what still waits was meant on the clock of before. */
  function countFrom(chargeS: number) {
    waiting.forEach((timeS, kind) => waiting.set(kind, timeS === undefined ? undefined : timeS - chargeS))
    for (const kind of Object.keys(wanted.value)) {
      wanted.value[kind]! -= chargeS
    }
  }

  function move(kind: string, timeS: number) {
    waiting.set(kind, timeS)
    wanted.value[kind] = timeS
    void work()
  }

  function remove(kind: string) {
    const event = whole.data.value?.roast.events.find((e) => e.kind === kind)
    if (event) {
      removed.value = { kind, timeS: event.timeS }
      waiting.set(kind, undefined)
      void work()
    }
  }

  function putBack() {
    if (removed.value) {
      move(removed.value.kind, removed.value.timeS)
      removed.value = undefined
    }
  }

  async function accept(accepted: boolean) {
    const result = await answer(
      api.PUT('/api/roasts/{id}/accepted', { params: { path: { id } }, body: { accepted } }),
    )
    problem.value = result.failure?.message
    await whole.reload()
  }

  return { whole, events, problem, removed, move, remove, putBack, accept }
}
