import { computed, onScopeDispose, ref, watch, type Ref } from 'vue'
import { beep } from '@/shared/beep'
import type { DeskState } from './useDesk'

const EVERY_MS = 1500
const HZ = 880
const SECONDS = 0.6

/**
 * A roast that runs on past its drop: heard again and again until it is dropped, or hushed by hand. The sound of other
 * warnings stays as it was chosen.
 */
export function useOverrun(
  state: Readonly<Ref<DeskState | undefined>>,
  others: Ref<boolean>,
  sound: () => void = () => beep(HZ, SECONDS),
) {
  const kind = computed(() => {
    const now = state.value?.warning
    return now?.overrun ? now.kind : undefined
  })
  const hushed = ref(false)
  let timer: ReturnType<typeof setInterval> | undefined
  function stop() {
    clearInterval(timer)
    timer = undefined
  }
  // a graver one is heard again, though the first was hushed
  watch(kind, () => (hushed.value = false))
  watch(
    () => kind.value !== undefined && !hushed.value,
    (loud) => {
      stop()
      if (loud) {
        sound()
        timer = setInterval(sound, EVERY_MS)
      }
    },
    { immediate: true },
  )
  onScopeDispose(stop)
  function hush() {
    const which = kind.value ? hushed : others
    which.value = !which.value
  }
  return { overrun: kind, hushed, hush }
}
