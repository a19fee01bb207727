<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { moment } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import { batchFigure } from './batchFigures'
import BatchRelease from './BatchRelease.vue'

/** Every batch with what of it is out, and whether it was let go; the newest first. */
const props = defineProps<{ view: Schemas['ProfileBatches'] }>()
const emit = defineEmits<{ kept: [] }>()
const preferences = usePreferences()
const A_PAGE = 30
const most = ref(A_PAGE)
const openId = ref<number>()
const only = ref<'all' | 'held' | 'undecided' | 'out'>('all')
const CHOICES = [
  { value: 'all', title: 'all batches' },
  { value: 'undecided', title: 'nobody decided yet' },
  { value: 'held', title: 'held back' },
  { value: 'out', title: 'with a figure out' },
]
const units = computed(() => Object.fromEntries(props.view.charts.map((c) => [c.name, c])))
const out = (b: Schemas['ProfileBatch']) => b.figures.filter((f) => f.value !== undefined && !f.in)
const shown = computed(() =>
  [...props.view.batches]
    .reverse()
    .filter(
      (b) =>
        only.value === 'all' ||
        (only.value === 'held' && b.released === false) ||
        (only.value === 'undecided' && b.released === undefined) ||
        (only.value === 'out' && out(b).length > 0),
    ),
)
function off(f: Schemas['BatchFigureView']) {
  const c = units.value[f.name]
  const apart = f.value! - f.target
  return `${c?.label ?? f.name} ${apart < 0 ? '−' : '+'}${batchFigure(Math.abs(apart), c?.unit ?? '', preferences.units, true)}`
}
function kept() {
  openId.value = undefined
  emit('kept')
}
</script>

<template>
  <section class="card">
    <h2>Batches</h2>
    <v-select v-model="only" :items="CHOICES" label="Show" class="only" hide-details />
    <div class="table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>Batch</th>
            <th>Roasted</th>
            <th>By</th>
            <th>Out</th>
            <th>Decided</th>
            <th>Bags</th>
            <th><span class="d-sr-only">what to do</span></th>
          </tr>
        </thead>
        <tbody>
          <template v-for="b in shown.slice(0, most)" :key="b.roastId">
            <tr>
              <td>
                <router-link :to="`/roast/${b.roastId}`">{{ b.title }}</router-link>
              </td>
              <td>{{ moment(b.roastedAt) }}</td>
              <td>{{ b.person }}</td>
              <td :class="{ ember: out(b).length }">{{ out(b).map(off).join(', ') || 'nothing' }}</td>
              <td>
                <b v-if="b.released === false" class="ember">held: {{ b.reason }}</b>
                <span v-else-if="b.released">released</span>
                <span v-else class="quiet">not yet</span>
              </td>
              <td>{{ b.bags.join(', ') }}</td>
              <td>
                <v-btn
                  variant="text"
                  size="small"
                  @click="openId = openId === b.roastId ? undefined : b.roastId"
                >
                  {{ b.released === undefined ? 'Release or hold' : 'Change' }}
                </v-btn>
              </td>
            </tr>
            <tr v-if="openId === b.roastId">
              <td colspan="7"><BatchRelease :roast-id="b.roastId" @kept="kept" /></td>
            </tr>
          </template>
        </tbody>
      </table>
    </div>
    <p v-if="!shown.length" class="quiet">None.</p>
    <v-btn v-if="shown.length > most" variant="text" @click="most += 10 * A_PAGE">Show more</v-btn>
  </section>
</template>

<style scoped>
.only {
  max-width: 260px;
  margin-bottom: 10px;
}
.card {
  margin: 14px 0;
}
</style>
