<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { baseOf, controlText, shownControl, sliderOf, type Control } from '@/shared/format/controls'
import PlanSlider from './PlanSlider.vue'

/** A slider of a control, in the roaster's own scale where it has one; its value stays % of full, or 1/min. */
const props = defineProps<{ label: string; control: Control; range?: Schemas['ControlRange'] }>()
const base = defineModel<number>({ required: true })
const shown = computed({
  get: () => shownControl(base.value, props.range),
  set: (v) => (base.value = baseOf(v, props.range)),
})
const slider = computed(() => sliderOf(props.range))
</script>

<template>
  <PlanSlider
    v-model="shown"
    :label="label"
    :min="slider.min"
    :max="slider.max"
    :step="slider.step"
    :text="controlText(control, base, range)"
  />
</template>
