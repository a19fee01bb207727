import { shallowRef, watch } from 'vue'
import { usePreferences } from '@/shared/preferences'
import type { ChartColours } from './options'

/** The colours of the page for what is drawn beside its styles, in the light that is chosen. */
export function useChartColours() {
  const preferences = usePreferences()
  const colours = shallowRef<ChartColours>({ ink: '#000', quiet: '#555', line: '#ccc', log: '#258' })
  watch(
    () => preferences.dark,
    () => {
      const style = getComputedStyle(document.documentElement)
      const read = (name: string) => style.getPropertyValue(name).trim()
      colours.value = { ink: read('--ink'), quiet: read('--ink-2'), line: read('--line'), log: read('--log') }
    },
    { immediate: true, flush: 'post' },
  )
  return colours
}
