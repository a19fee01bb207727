import { createGlobalState } from '@vueuse/core'
import { shallowRef } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'

/** The meters that this lab has set up: without one nothing offers to read it. Asked for once. */
export const useMeters = createGlobalState(() => {
  const meters = shallowRef<Schemas['InstrumentView'][]>([])
  void answer(api.GET('/api/instruments')).then((r) => (meters.value = r.data ?? []))
  return { has: (kind: string) => meters.value.some((m) => m.kind === kind) }
})
