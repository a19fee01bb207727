<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'

/** For each band of odds: what was said, what came true, and where the truth may lie. */
defineProps<{ bands: Schemas['OddsBand'][] }>()
const pct = (p: number) => Math.round(100 * p)
</script>

<template>
  <table class="odds">
    <caption class="quiet">
      bar: what comes true, with the range it may have · line: what was said
    </caption>
    <thead>
      <tr>
        <th scope="col">said</th>
        <th scope="col">came true</th>
        <th scope="col" class="wide"><span class="quiet">0 to 100 %</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="b in bands" :key="b.from">
        <td>{{ pct(b.from) }} to {{ pct(b.to) }} %</td>
        <td>{{ b.right }} of {{ b.n }}</td>
        <td class="wide">
          <svg
            viewBox="0 0 100 12"
            preserveAspectRatio="none"
            role="img"
            :aria-label="`said ${pct(b.said)} %, came true ${pct(b.right / b.n)} %, between ${pct(b.lower)} and ${pct(b.upper)} %`"
          >
            <rect class="all" x="0" y="5" width="100" height="2" />
            <rect
              class="range"
              :x="100 * b.lower"
              y="3"
              :width="Math.max(0.6, 100 * (b.upper - b.lower))"
              height="6"
            />
            <rect class="came" :x="100 * (b.right / b.n) - 0.6" y="1" width="1.2" height="10" />
            <rect class="said" :x="100 * b.said - 0.2" y="0" width="0.4" height="12" />
          </svg>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.odds {
  width: 100%;
  border-collapse: collapse;
  margin-top: 8px;
}
.odds caption {
  text-align: left;
  caption-side: bottom;
}
.odds th {
  text-align: left;
  font-weight: 500;
}
.odds td,
.odds th {
  padding: 4px 16px 4px 0;
  white-space: nowrap;
  font-variant-numeric: tabular-nums;
}
.odds .wide {
  width: 100%;
  padding-right: 0;
}
svg {
  width: 100%;
  height: 18px;
  display: block;
}
.all {
  fill: currentcolor;
  opacity: 0.15;
}
.range {
  fill: rgb(var(--v-theme-primary));
  opacity: 0.3;
}
.came {
  fill: rgb(var(--v-theme-primary));
}
.said {
  fill: currentcolor;
}
</style>
