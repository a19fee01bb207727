<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { signed } from '@/shared/format/text'
import { useWho } from '@/shared/who'

/** How far the cuppers of a table agree, and where each of them stands. */
const props = defineProps<{ panel: Schemas['PanelView'] }>()
const who = useWho()
const offset = (points: number) =>
  Math.abs(points) < 0.05 ? 'at the table’s mean' : `${signed(points)} points from the table’s mean`
const icc = computed(() => {
  const a = props.panel.agreement
  return a?.icc21 === undefined
    ? undefined
    : a.icc21.toFixed(2) +
        (a.icc21Lower === a.icc21Upper
          ? ''
          : ` (95 %: ${a.icc21Lower!.toFixed(2)} to ${a.icc21Upper!.toFixed(2)})`)
})
</script>

<template>
  <div class="agree">
    <dl>
      <template v-if="icc">
        <dt>One cupper’s scores, agreement (ICC)</dt>
        <dd>{{ icc }}</dd>
      </template>
      <template v-if="panel.agreement?.kendallW !== undefined">
        <dt>Same order (Kendall’s W)</dt>
        <dd>{{ panel.agreement.kendallW.toFixed(2) }}</dd>
      </template>
      <template v-if="panel.agreement?.smallestDifference !== undefined">
        <dt>Smallest difference it could show</dt>
        <dd>{{ panel.agreement.smallestDifference.toFixed(2) }} points</dd>
      </template>
    </dl>
    <dl>
      <template v-for="c in panel.cuppers" :key="c.name">
        <dt>
          <router-link
            v-if="c.name && who.leads"
            class="plain"
            :to="`/cupping/cuppers/${encodeURIComponent(c.name)}`"
            >{{ c.name }}</router-link
          >
          <template v-else>{{ c.name || 'no name' }}</template>
        </dt>
        <dd>
          {{ offset(c.offset)
          }}<template v-if="c.repeats !== undefined"
            >; the same coffee twice within ±{{ c.repeats.toFixed(2) }}</template
          >
        </dd>
      </template>
    </dl>
  </div>
</template>

<style scoped>
.agree {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 48px;
}
.agree dl {
  display: grid;
  grid-template-columns: auto auto;
  gap: 2px 16px;
}
.agree dt {
  color: var(--ink-2);
}
.agree dd {
  font-weight: 600;
}
</style>
