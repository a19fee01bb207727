import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { computed, inject, provide, ref, type InjectionKey, type Ref } from 'vue'
import { controlText, controlUnit, type Control, type ControlRanges } from '@/shared/format/controls'

const KEY: InjectionKey<Ref<ControlRanges>> = Symbol('controls')

/** Tells all that a page holds how its roaster's controls are set and read. */
export const provideControls = (ranges: () => ControlRanges | undefined) =>
  provide(
    KEY,
    computed(() => ranges() ?? {}),
  )

/** The same of a page that does not hold its roaster's settings otherwise. */
export function provideControlsOf(machineId: () => number | undefined) {
  const machine = useLoad<Schemas['MachineView'] | undefined>(async () => {
    const id = machineId()
    return id === undefined
      ? { data: undefined }
      : answer(api.GET('/api/machines/{id}', { params: { path: { id } } }))
  }, machineId)
  provideControls(() => machine.data.value?.settings)
}

/** How the controls of the page's roaster are written; in % and rpm where it has no scale, or is not known yet. */
export function useControls() {
  const ranges = inject(KEY, ref<ControlRanges>({}))
  return {
    ranges,
    text: (control: Control, base: number) => controlText(control, base, ranges.value[control]),
    /** From one value to another, the unit once. */
    fromTo: (control: Control, from: number, to: number) => {
      const range = ranges.value[control]
      const bare = controlText(control, from, range).slice(
        0,
        -controlUnit(control, range).length || undefined,
      )
      return `${bare.trim()} to ${controlText(control, to, range)}`
    },
  }
}
