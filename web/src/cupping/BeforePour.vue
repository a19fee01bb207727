<script setup lang="ts">
import { computed, ref } from 'vue'
import NumberField from '@/shared/components/NumberField.vue'
import { clock as clockText } from '@/shared/format/text'
import type { Clock } from './clock'

/** Before the pour: from the first grind on the water is waited for. */
const props = defineProps<{ clock: Clock; nowMs: number }>()
const gapS = defineModel<number>('gapS')
const emit = defineEmits<{ ground: [covered: boolean]; notGround: []; pour: [] }>()
const covered = ref(false)
/** How long the ground coffee may still wait, s; undefined while nothing is ground. */
const leftS = computed(() =>
  props.clock.pourBy === undefined ? undefined : (Date.parse(props.clock.pourBy) - props.nowMs) / 1000,
)
</script>

<template>
  <template v-if="leftS === undefined">
    <v-btn variant="outlined" size="x-large" @click="emit('ground', covered)">Ground: the first of it</v-btn>
    <v-checkbox v-model="covered" label="covered at once" hide-details density="compact" />
    <span class="quiet"
      >From the first grind the water is waited for. The clock of the table starts with the first pour.</span
    >
  </template>
  <template v-else>
    <span :class="leftS < 0 ? 'ember' : ''" role="status">
      {{
        leftS >= 0
          ? `Pour within ${clockText(leftS)}`
          : `Ground ${clockText(-leftS)} too long: aroma is lost, grind anew`
      }}<template v-if="clock.covered">, covered</template>
    </span>
    <v-btn variant="text" @click="emit('notGround')">Not ground yet</v-btn>
  </template>
  <v-btn color="primary" size="x-large" @click="emit('pour')">Pour now</v-btn>
  <NumberField
    v-if="clock.samples.length > 1"
    v-model="gapS"
    label="Between two pours"
    unit="s"
    class="gap"
  />
</template>

<style scoped>
.gap {
  flex: none;
  width: 190px;
}
</style>
