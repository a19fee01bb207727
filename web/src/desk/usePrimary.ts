import type { Schemas } from '@/shared/api/client'
import { computed, type Ref } from 'vue'
import { eventLabel } from '@/shared/chart/events'
import type { useDesk } from './useDesk'

/** What the space bar does now: the next step, the next expected event, the next batch. */
export function usePrimary(at: {
  desk: Pick<ReturnType<typeof useDesk>, 'state' | 'stepDone'>
  choosing: Ref<boolean>
  prepare: () => void
  mark: (kind: Schemas['EventKind']) => void
}) {
  return computed(() => {
    const s = at.desk.state.value
    if (!s || s.phase === 'idle' || at.choosing.value) {
      return { says: 'prepare', run: at.prepare }
    }
    if (s.phase === 'preparing' && s.protocol?.needsHand) {
      return { says: 'step done', run: () => at.desk.stepDone(s.protocol!.at) }
    }
    if (s.phase === 'cooling') {
      return { says: 'next batch', run: () => (at.choosing.value = true) }
    }
    const kind = s.expected ?? 'drop'
    return { says: eventLabel(kind), run: () => at.mark(kind) }
  })
}
