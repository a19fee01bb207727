<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { clock } from '@/shared/format/text'
import type { TimeScale } from './geometry'

/** The three phases: three depths of one mist tone with notched ends; the text says which. */
const props = defineProps<{ analysis: Schemas['AnalysisView']; scale: TimeScale }>()

const NARROW_PX = 120
const NARROWER_PX = 62

const phases = computed(() =>
  (['drying', 'browning', 'development'] as const).flatMap((name) => {
    const phase = props.analysis[name]
    if (!phase) {
      return []
    }
    const durationS = phase.toS - phase.fromS
    const left = props.scale.x(phase.fromS)
    const width = props.scale.x(phase.toS) - left
    const share = phase.sharePct === undefined ? '' : ` · ${phase.sharePct.toFixed(0)} %`
    const title = `${name} ${clock(durationS)}${share}`
    const short = `${name.slice(0, 3)}. ${clock(durationS)}${share}`
    const text =
      width > NARROW_PX + 40 ? title : width > NARROW_PX ? short : width > NARROWER_PX ? clock(durationS) : ''
    return [{ name, left, width, text, title }]
  }),
)
</script>

<template>
  <div
    v-for="p in phases"
    :key="p.name"
    class="phase"
    :class="p.name"
    :title="p.title"
    :style="{ left: `${p.left}px`, width: `${p.width + 5}px` }"
  >
    {{ p.text }}<span v-if="p.text !== p.title" class="d-sr-only">{{ p.title }}</span>
  </div>
</template>

<style scoped>
.phase {
  position: absolute;
  top: 0;
  height: 26px;
  line-height: 26px;
  padding-left: 14px;
  clip-path: polygon(0 0, calc(100% - 7px) 0, 100% 50%, calc(100% - 7px) 100%, 0 100%, 7px 50%);
  font-size: 0.875rem;
  white-space: nowrap;
  overflow: hidden;
  color: var(--ink);
}
.drying {
  background: var(--phase-1);
}
.browning {
  background: var(--phase-2);
}
.development {
  background: var(--phase-3);
}
</style>
