<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { useMediaQuery } from '@vueuse/core'
import { mdiChevronDown } from '@mdi/js'
import { STATIONS } from './stations'

/** The stations in working order on a low hill line, each with the number of things that wait there. */
const props = defineProps<{ waiting: Record<string, number> }>()
const route = useRoute()
const wide = useMediaQuery('(min-width: 900px)')

const here = computed(() => STATIONS.find((s) => route.path.startsWith(s.path)))
const stations = computed(() =>
  STATIONS.map((s) => ({ ...s, waits: props.waiting[s.word] ?? 0, current: s.word === here.value?.word })),
)
const waitsText = (n: number) => (n === 0 ? 'nothing waits' : `${n} waiting`)
</script>

<template>
  <nav v-if="wide" class="workline" aria-label="Stations">
    <svg class="hill" viewBox="0 0 600 40" preserveAspectRatio="none" aria-hidden="true">
      <path d="M0 34 C120 33 200 26 300 23 S470 14 520 18 S580 27 600 29" />
    </svg>
    <router-link
      v-for="s in stations"
      :key="s.word"
      :to="s.path"
      class="station"
      :class="{ current: s.current }"
      :style="{ paddingTop: `${s.height}px` }"
      :aria-current="s.current ? 'page' : undefined"
    >
      <span>
        {{ s.label }}
        <b v-if="s.waits" :class="{ ember: s.word === 'trace' }">{{ s.waits }}</b>
        <span class="d-sr-only">, {{ waitsText(s.waits) }}</span>
      </span>
      <i aria-hidden="true" />
    </router-link>
  </nav>
  <nav v-else class="narrow" aria-label="Stations">
    <v-menu>
      <template #activator="{ props: menu }">
        <v-btn v-bind="menu" variant="text" :append-icon="mdiChevronDown">{{
          here?.label ?? 'Stations'
        }}</v-btn>
      </template>
      <v-list>
        <v-list-item
          v-for="s in stations"
          :key="s.word"
          :to="s.path"
          :title="s.label"
          :subtitle="waitsText(s.waits)"
        />
      </v-list>
    </v-menu>
  </nav>
</template>

<style scoped>
.workline {
  position: relative;
  display: flex;
  flex: 1;
  max-width: 680px;
  height: 64px;
}
.hill {
  position: absolute;
  inset: 20px 0 auto;
  width: 100%;
  height: 40px;
}
.hill path {
  fill: none;
  stroke: var(--line);
  stroke-width: 2;
  vector-effect: non-scaling-stroke;
}
.station {
  position: relative;
  flex: 1;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 3px;
  color: var(--ink-2);
  text-decoration: none;
  border-radius: 4px;
}
.station:hover span {
  color: var(--ink);
}
.station i {
  width: 11px;
  height: 11px;
  border-radius: 50%;
  border: 2px solid var(--ink-2);
  background: var(--paper);
}
.current {
  color: var(--ink);
  font-weight: 600;
}
.current i {
  background: var(--ink);
  border-color: var(--ink);
  transform: scale(1.35);
}
.narrow {
  flex: 1;
}
</style>
