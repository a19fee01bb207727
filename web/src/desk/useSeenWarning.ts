import { computed, ref, watch, type Ref } from 'vue'
import type { DeskState } from './useDesk'

/** The warning that was seen on this screen: it stays away until another one comes, which is heard. */
export function useSeenWarning(state: Readonly<Ref<DeskState | undefined>>, heard: () => unknown) {
  const seen = ref('')
  const warningId = computed(() => {
    const w = state.value?.warning
    return w && `${w.kind} ${w.sinceS}`
  })
  watch(
    () => state.value?.warning?.kind,
    (kind) => kind && heard(),
  )
  return { seen, warningId }
}
