<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { useResizeObserver } from '@vueuse/core'
import type { Schemas } from '@/shared/api/client'
import CauseList from './CauseList.vue'
import { gutterThread, logThread, wordThread, type Box } from './threads'

/** Words of the cup, causes, and the chart, tied by threads. The chart comes in by the slot. */
const props = defineProps<{
  trace: Schemas['TraceView']
  chosen?: Schemas['FindingView']
  lit?: { fromS: number; toS: number }
}>()
const emit = defineEmits<{ choose: [cause: string] }>()

interface Thread {
  path: string
  end?: { x: number; y: number }
  strong: boolean
  source: string
  against?: boolean
}

const board = ref<HTMLElement>()
const threads = ref<Thread[]>([])
const words = computed(() => props.trace.words)
/** Threads in the gutter lie so far beside each other, px. */
const ASIDE = 5
const dots = (cups: number) => Array.from({ length: props.trace.cups }, (_, i) => i < cups)

const boxOf = (selector: string) => boxAt(board.value?.querySelector(selector))

function boxAt(element?: Element | null): Box | undefined {
  const root = board.value?.getBoundingClientRect()
  const b = element?.getBoundingClientRect()
  return root && b
    ? {
        left: b.left - root.left,
        right: b.right - root.left,
        top: b.top - root.top,
        bottom: b.bottom - root.top,
      }
    : undefined
}

function draw() {
  const drawn: Thread[] = []
  for (const finding of props.trace.findings) {
    const cause = boxOf(`[data-cause="${finding.cause}"]`)
    const strong = finding.cause === props.chosen?.cause
    for (const word of finding.evidence.flatMap((e) => e.words)) {
      const from = boxOf(`[data-word="${word}"]`)
      if (cause && from && cause.left > from.right) {
        drawn.push({ path: wordThread(from, cause), strong, source: 'cup' })
      }
    }
    const anchor = boxOf('[data-thread-anchor]')
    const chart = boxOf('.chart-card')
    if (strong && cause && chart && chart.left > cause.right) {
      drawn.push(...besideThreads(cause))
    }
    if (strong && cause && anchor && chart && chart.left > cause.right) {
      drawn.push({
        path: logThread(cause, anchor, chart.left, anchor.top),
        end: { x: (anchor.left + anchor.right) / 2, y: anchor.bottom },
        strong,
        source: 'log',
      })
    }
  }
  threads.value = drawn.sort((a, b) => Number(a.strong) - Number(b.strong))
}

/** To what speaks outside the log, each through the gutter. */
function besideThreads(cause: Box): Thread[] {
  return [...(board.value?.querySelectorAll<HTMLElement>('[data-beside]') ?? [])].map((element, i) => ({
    path: gutterThread(cause, boxAt(element)!, (i - 2) * ASIDE),
    strong: true,
    source: element.dataset.beside!,
    against: element.dataset.says === 'against',
  }))
}

const redraw = () => nextTick(() => requestAnimationFrame(draw))
watch(() => [props.trace, props.chosen, props.lit], redraw, { immediate: true, flush: 'post' })
useResizeObserver(board, redraw)
defineExpose({ redraw })
</script>

<template>
  <div ref="board" class="board">
    <div class="left">
      <div class="tied">
        <section>
          <h2 class="label">What the cup says</h2>
          <p v-if="trace.cups === 0" class="card quiet">Not cupped yet.</p>
          <p v-else-if="words.length === 0" class="card quiet">No words were noted.</p>
          <ul class="words">
            <li v-for="w in words" :key="w.word" :data-word="w.word">
              <b>{{ w.word }}</b>
              <span class="cups" :aria-label="`in ${w.cups} of ${trace.cups} cups`" role="img">
                <i v-for="(full, i) in dots(w.cups)" :key="i" :class="{ full }" />
              </span>
            </li>
          </ul>
        </section>
        <CauseList :trace="trace" :chosen="chosen" @choose="emit('choose', $event)" />
      </div>
      <slot name="sum" />
    </div>
    <div class="right">
      <section class="card chart-card"><slot /></section>
      <slot name="beside" />
      <slot name="change" />
      <slot name="verdict" />
    </div>
    <svg class="threads" aria-hidden="true">
      <template v-for="(t, i) in threads" :key="i">
        <path :d="t.path" :class="[`of-${t.source}`, { strong: t.strong, against: t.against }]" />
        <circle v-if="t.end" :cx="t.end.x" :cy="t.end.y" r="4" />
      </template>
    </svg>
  </div>
</template>

<style scoped>
.board {
  position: relative;
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 16px 64px;
  align-items: start;
}
.tied {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr);
  gap: 0 84px;
}
.left,
.right {
  display: grid;
  gap: 16px;
}
.words {
  list-style: none;
  padding: 0;
}
.words li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  background: var(--card);
  border: 1px solid var(--line);
  border-left: 4px solid var(--cup);
  border-radius: 3px;
  padding: 8px 12px;
  margin: 8px 0;
}
.cups {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  max-width: 74px;
}
.cups i {
  width: 9px;
  height: 9px;
  border-radius: 50%;
  border: 1.5px solid var(--cup);
}
.cups .full {
  background: var(--cup);
}
.chart-card {
  padding: 12px 14px;
}
.threads {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
  fill: none;
}
.threads path {
  stroke: currentcolor;
  stroke-width: 1.3;
  opacity: 0.35;
}
.threads circle {
  fill: var(--log);
}
.threads .strong {
  stroke-width: 2.6;
  opacity: 0.9;
}
.threads .against {
  stroke-dasharray: 5 4;
  opacity: 0.6;
}
@media (max-width: 1100px) {
  .board {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 640px) {
  .tied {
    grid-template-columns: minmax(0, 1fr);
  }
  .threads {
    display: none;
  }
}
</style>
