import { computed, watchEffect } from 'vue'
import { defineStore } from 'pinia'
import { useLocalStorage, usePreferredDark } from '@vueuse/core'
import {
  degree,
  differenceText,
  rateText,
  shownTemperature,
  temperatureText,
  type UnitChoice,
} from '@/shared/format/units'

/** What a person prefers on this computer: units and light. */
export const usePreferences = defineStore('preferences', () => {
  const temperature = useLocalStorage<'C' | 'F'>('barrowmist.temperature', 'C')
  const per = useLocalStorage<'min' | '30s'>('barrowmist.per', 'min')
  const light = useLocalStorage<'system' | 'light' | 'dark'>('barrowmist.light', 'system')
  const systemDark = usePreferredDark()

  const units = computed<UnitChoice>(() => ({ temperature: temperature.value, per: per.value }))
  const dark = computed(() => (light.value === 'system' ? systemDark.value : light.value === 'dark'))

  watchEffect(() => {
    document.documentElement.dataset.theme = dark.value ? 'dark' : 'light'
  })

  return {
    units,
    dark,
    toggleTemperature: () => (temperature.value = temperature.value === 'C' ? 'F' : 'C'),
    togglePer: () => (per.value = per.value === 'min' ? '30s' : 'min'),
    toggleLight: () => (light.value = dark.value ? 'light' : 'dark'),
    temperatureText: (c: number) => temperatureText(c, units.value),
    /** To the whole degree, for cautions. */
    wholeTemperature: (c: number) => `${Math.round(shownTemperature(c, units.value))} ${degree(units.value)}`,
    differenceText: (c: number) => differenceText(c, units.value),
    rateText: (cPerMin: number) => rateText(cPerMin, units.value),
  }
})
