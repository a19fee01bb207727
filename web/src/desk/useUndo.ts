import { computed } from 'vue'
import { eventLabel } from '@/shared/chart/events'
import { clock } from '@/shared/format/text'
import type { useDesk } from './useDesk'

/** The last entry of the desk, and how it is taken back. */
export function useUndo(desk: Pick<ReturnType<typeof useDesk>, 'state' | 'undo'>) {
  const last = computed(() => desk.state.value?.entries.at(-1))
  return {
    last,
    undo: () => last.value && void desk.undo(last.value.seq),
    undoText: computed(() =>
      last.value ? `undo “${eventLabel(last.value.kind)} ${clock(last.value.timeS)}”` : 'undo',
    ),
  }
}
