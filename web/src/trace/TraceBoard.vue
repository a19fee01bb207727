<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { useResizeObserver } from '@vueuse/core'
import type { Schemas } from '@/shared/api/client'
import { signed } from '@/shared/format/text'
import { STANDING_SENTENCES, STANDINGS } from './standings'
import { logThread, wordThread, type Box } from './threads'

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
  log: boolean
}

const board = ref<HTMLElement>()
const threads = ref<Thread[]>([])
const words = computed(() => props.trace.words)
const CAUSES = ['baked', 'scorched', 'underdeveloped']
const quietCauses = computed(() =>
  CAUSES.filter((c) => !props.trace.findings.some((f) => f.cause === c)).join(' or '),
)
const dots = (cups: number) => Array.from({ length: props.trace.cups }, (_, i) => i < cups)

function boxOf(selector: string): Box | undefined {
  const root = board.value?.getBoundingClientRect()
  const b = board.value?.querySelector(selector)?.getBoundingClientRect()
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
        drawn.push({ path: wordThread(from, cause), strong, log: false })
      }
    }
    const anchor = boxOf('[data-thread-anchor]')
    const chart = boxOf('.chart-card')
    if (strong && cause && anchor && chart && chart.left > cause.right) {
      drawn.push({
        path: logThread(cause, anchor, chart.left, anchor.top),
        end: { x: (anchor.left + anchor.right) / 2, y: anchor.bottom },
        strong,
        log: true,
      })
    }
  }
  threads.value = drawn.sort((a, b) => Number(a.strong) - Number(b.strong))
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
        <section>
          <h2 class="label">What may have done it</h2>
          <button
            v-for="f in trace.findings"
            :key="f.cause"
            type="button"
            class="cause"
            :class="[f.standing, { chosen: f.cause === chosen?.cause }]"
            :data-cause="f.cause"
            :aria-pressed="f.cause === chosen?.cause"
            @click="emit('choose', f.cause)"
          >
            <span class="name">{{ f.cause }}</span>
            <span class="standing">{{ STANDINGS[f.standing] }}</span>
            <span class="why quiet">{{ STANDING_SENTENCES[f.standing] }} · {{ signed(f.weight) }}</span>
          </button>
          <p v-if="quietCauses" class="quiet looked">Nothing points to {{ quietCauses }}.</p>
        </section>
      </div>
      <slot name="sum" />
    </div>
    <div class="right">
      <section class="card chart-card"><slot /></section>
      <slot name="change" />
    </div>
    <svg class="threads" aria-hidden="true">
      <template v-for="(t, i) in threads" :key="i">
        <path :d="t.path" :class="{ strong: t.strong, log: t.log }" />
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
.looked {
  font-size: 0.875rem;
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
.cause {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 8px;
  width: 100%;
  text-align: left;
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: 5px;
  padding: 12px 14px;
  margin: 8px 0 12px;
}
.cause .name {
  font-size: 1.2rem;
  text-transform: capitalize;
}
.standing {
  font-size: 0.875rem;
  font-weight: 600;
  color: var(--ink-2);
  align-self: center;
  text-align: right;
}
.why {
  grid-column: 1 / -1;
  font-size: 0.875rem;
}
.chosen {
  border: 2px solid var(--ink);
  padding: 11px 13px;
}
.supported .standing,
.supported.chosen {
  color: var(--ember);
  border-color: var(--ember);
}
.supported.chosen .name {
  color: var(--ink);
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
  stroke: var(--cup);
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
.threads .log {
  stroke: var(--log);
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
