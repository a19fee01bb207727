<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import SourceShape from '@/shared/components/SourceShape.vue'
import type { Source } from '@/shared/components/sources'
import { signed } from '@/shared/format/text'
import { labelOf } from '@/shared/format/words'

/** The sum: what each piece of evidence adds to the right, or takes away to the left. */
const props = defineProps<{ finding: Schemas['FindingView'] }>()
const emit = defineEmits<{ light: [window?: { fromS: number; toS: number }] }>()

/** Smaller addends are one line: they are in the sum, and nobody reads them one by one. */
const SMALL = 0.1
const shown = computed(() => props.finding.evidence.filter((e) => Math.abs(e.weight) >= SMALL))
const little = computed(() =>
  props.finding.evidence.filter((e) => Math.abs(e.weight) < SMALL).reduce((sum, e) => sum + e.weight, 0),
)
const longest = computed(() => Math.max(1, ...props.finding.evidence.map((e) => Math.abs(e.weight))))
const share = (weight: number) => `${(Math.abs(weight) / longest.value) * 50}%`
const source = (name: string) => name as Source

function light(e: Schemas['Evidence']) {
  emit('light', e.fromS === undefined || e.toS === undefined ? undefined : { fromS: e.fromS, toS: e.toS })
}
</script>

<template>
  <p class="quiet">
    Log odds against a sound roast: +0.7 doubles the odds, +2.3 makes them ten times as high.
  </p>
  <ul class="sum">
    <li
      v-for="e in shown"
      :key="e.source + e.text"
      @pointerenter="light(e)"
      @pointerleave="emit('light', undefined)"
    >
      <span class="source" :class="`of-${e.source}`"
        ><SourceShape :source="source(e.source)" /> {{ labelOf('EvidenceSource', e.source) }}</span
      >
      <span>{{ e.text }}</span>
      <span class="bar" aria-hidden="true">
        <i
          :class="[`of-${e.source}`, { against: e.weight < 0 }]"
          :style="
            e.weight < 0 ? { right: '50%', width: share(e.weight) } : { left: '50%', width: share(e.weight) }
          "
        />
      </span>
      <b class="num">{{ signed(e.weight) }}</b>
    </li>
    <li v-if="Math.abs(little) >= 0.05" class="quiet">
      <span />
      <span>little things</span>
      <span />
      <b class="num">{{ signed(little) }}</b>
    </li>
    <li class="whole">
      <span />
      <span>in all</span>
      <span />
      <b class="num">{{ signed(finding.weight) }}</b>
    </li>
  </ul>
</template>

<style scoped>
.sum {
  list-style: none;
  padding: 0;
}
.sum li {
  display: grid;
  grid-template-columns: 76px 1fr 110px 42px;
  gap: 10px;
  align-items: center;
  padding: 3px 0;
}
.source {
  font-weight: 600;
  display: flex;
  gap: 8px;
  align-items: center;
}
.bar {
  position: relative;
  height: 10px;
  border-left: 0;
}
.bar::before {
  content: '';
  position: absolute;
  left: 50%;
  top: -4px;
  bottom: -4px;
  border-left: 1px solid var(--ink-2);
}
.bar i {
  position: absolute;
  top: 0;
  bottom: 0;
  background: currentcolor;
}
.bar .against {
  background: transparent;
  border: 1.5px solid currentcolor;
}
.num {
  text-align: right;
}
.whole {
  border-top: 1px solid var(--line);
  margin-top: 4px;
}
@media (max-width: 640px) {
  .sum li {
    grid-template-columns: 70px 1fr 46px;
  }
  .bar,
  .whole span:nth-child(3) {
    display: none;
  }
}
</style>
