import { computed, type Ref } from 'vue'
import { clock } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import { useControls } from '@/shared/useControls'
import type { lanesOf } from './options'
import { readingAt, stepAt, type Curve } from './series'

/** What a chart reads at its cursor, name by name; nothing without one. */
export function useReadout(
  curve: () => Curve,
  cursor: Readonly<Ref<number | undefined>>,
  lanes: Readonly<Ref<ReturnType<typeof lanesOf>>>,
) {
  const preferences = usePreferences()
  const controls = useControls()
  return computed(() => {
    const t = cursor.value
    if (t === undefined) {
      return []
    }
    const bean = readingAt(curve().beanC, t, curve().gapS)
    const environment = readingAt(curve().environmentC, t, curve().gapS)
    const ror = readingAt(curve().rorCPerMin, t, curve().gapS)
    const rows = [
      ['at', clock(t)],
      ['bean', bean === undefined ? 'no reading' : preferences.temperatureText(bean)],
      ['environment', environment === undefined ? '–' : preferences.temperatureText(environment)],
      ['rate of rise', ror === undefined ? '–' : preferences.rateText(ror)],
    ]
    for (const lane of lanes.value) {
      const value = stepAt(lane.series, t)
      rows.push([lane.name, value === undefined ? '–' : controls.text(lane.name, value)])
    }
    return rows
  })
}
