<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import { clock, parseClock } from '@/shared/format/text'
import { shownDifference, shownRate, shownTemperature } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'
import SchoolDialog from './SchoolDialog.vue'
import type { Content } from './plan'

/** What the roast aims at: begun from a school, each figure with its tolerance, and what ends the roast. */
const props = defineProps<{ schools: Schemas['SchoolView'][] }>()
const content = defineModel<Content>({ required: true })
const preferences = usePreferences()

type Kind = 'time' | 'temperature' | 'share' | 'rate'
const FIGURES: [string, string, Kind][] = [
  ['dryEndS', 'Dry end', 'time'],
  ['firstCrackS', 'First crack', 'time'],
  ['totalS', 'Total time', 'time'],
  ['dropC', 'Drop', 'temperature'],
  ['dryingPct', 'Drying', 'share'],
  ['browningPct', 'Browning', 'share'],
  ['developmentPct', 'Development', 'share'],
  ['rorAtFirstCrackCPerMin', 'Rise at first crack', 'rate'],
]
const USUAL: Record<Kind, { value: number; tolerance: number }> = {
  time: { value: 600, tolerance: 20 },
  temperature: { value: 205, tolerance: 2 },
  share: { value: 20, tolerance: 2 },
  rate: { value: 7, tolerance: 1 },
}
const school = computed(() => props.schools.find((s) => s.id === content.value.schoolId))

const degrees = (kind: Kind) => `°${preferences.units.temperature}${kind === 'rate' ? '/min' : ''}`
const unitOf = (kind: Kind) => (kind === 'share' ? '%' : kind === 'time' ? 's' : degrees(kind))
const round = (n: number) => Math.round(n * 10) / 10
const perMinute = computed(() => ({ ...preferences.units, per: 'min' as const }))
function shown(kind: Kind, value: number) {
  return kind === 'temperature'
    ? round(shownTemperature(value, preferences.units))
    : kind === 'rate'
      ? round(shownRate(value, perMinute.value))
      : round(value)
}
function shownTolerance(kind: Kind, value: number) {
  return kind === 'temperature' || kind === 'rate'
    ? round(shownDifference(value, preferences.units))
    : round(value)
}
const back = (kind: Kind, v: number, difference: boolean) => {
  if (preferences.units.temperature === 'C' || kind === 'share' || kind === 'time') {
    return v
  }
  return kind === 'temperature' && !difference ? (v - 32) / 1.8 : v / 1.8
}
function set(field: string, kind: Kind, part: 'value' | 'tolerance', typed: number | undefined) {
  const aim = content.value.targets[field]
  const changed = typed === undefined ? undefined : back(kind, typed, part === 'tolerance')
  if (aim && changed !== undefined && Math.abs(changed - aim[part]) > 1e-6) {
    aim[part] = changed
  }
}
function setClock(field: string, text: string) {
  const s = parseClock(text)
  if (s !== undefined) {
    content.value.targets[field]!.value = s
  }
}
function toggle(field: string, kind: Kind) {
  const targets = { ...content.value.targets }
  if (targets[field]) {
    delete targets[field]
  } else {
    targets[field] = { ...USUAL[kind] }
  }
  content.value.targets = targets
}
function begin(id: string | null) {
  const next = props.schools.find((s) => s.id === id)
  if (next) {
    // the drop is written for a usual probe; this roaster's own stays
    const dropC = content.value.targets.dropC ?? next.targets.dropC
    content.value.schoolId = next.id
    content.value.developmentFrom = next.developmentFrom
    content.value.targets = { ...next.targets, ...(next.targets.dropC && dropC ? { dropC } : {}) }
  }
}
const keeping = ref(false)
const emit = defineEmits<{ schools: [] }>()
const DROPS = [
  { value: 'bean-c', title: 'bean temperature' },
  { value: 'development-pct', title: 'development share' },
  { value: 'development-s', title: 'seconds after first crack' },
  { value: 'total-s', title: 'total seconds' },
]
const USUAL_DROP: Record<string, number> = {
  'bean-c': 204,
  'development-pct': 17,
  'development-s': 100,
  'total-s': 600,
}
const dropKind = computed<Kind>(() =>
  content.value.drop.by === 'bean-c'
    ? 'temperature'
    : content.value.drop.by === 'development-pct'
      ? 'share'
      : 'time',
)
function setDropBy(by: Content['drop']['by']) {
  content.value.drop = {
    by,
    value:
      content.value.targets.dropC && by === 'bean-c' ? content.value.targets.dropC.value : USUAL_DROP[by]!,
  }
}
function setDrop(v: number | undefined) {
  const c = v === undefined ? undefined : back(dropKind.value, v, false)
  if (c !== undefined && Math.abs(c - content.value.drop.value) > 1e-6) {
    content.value.drop.value = c
  }
}
</script>

<template>
  <section class="card targets" aria-labelledby="targets-title">
    <h2 id="targets-title">Targets</h2>
    <v-select
      :model-value="content.schoolId"
      :items="schools"
      item-title="name"
      item-value="id"
      label="School"
      hide-details
      @update:model-value="begin"
    />
    <v-btn variant="text" @click="keeping = true">Keep these as a school</v-btn>
    <p v-if="school" class="quiet">{{ school.note }}</p>
    <v-select
      v-model="content.developmentFrom"
      :items="[
        { value: 'first-crack', title: 'first crack' },
        { value: 'dry-end', title: 'dry end' },
      ]"
      label="Development counted from"
      hide-details
      density="compact"
    />
    <div v-for="[field, label, kind] in FIGURES" :key="field" class="aim">
      <v-checkbox
        :model-value="!!content.targets[field]"
        :label="label"
        hide-details
        density="compact"
        @update:model-value="toggle(field, kind)"
      />
      <template v-if="content.targets[field]">
        <v-text-field
          v-if="kind === 'time'"
          :model-value="clock(content.targets[field]!.value)"
          :label="`${label} at`"
          density="compact"
          hide-details
          @change="setClock(field, ($event.target as HTMLInputElement).value)"
        />
        <NumberField
          v-else
          :model-value="shown(kind, content.targets[field]!.value)"
          :label="label"
          :unit="unitOf(kind)"
          density="compact"
          hide-details
          @update:model-value="set(field, kind, 'value', $event)"
        />
        <NumberField
          :model-value="shownTolerance(kind, content.targets[field]!.tolerance)"
          label="±"
          :unit="unitOf(kind)"
          density="compact"
          hide-details
          @update:model-value="set(field, kind, 'tolerance', $event)"
        />
      </template>
    </div>
    <p class="label">The roast ends at</p>
    <div class="drop">
      <v-select
        :model-value="content.drop.by"
        :items="DROPS"
        label="Drop by"
        hide-details
        density="compact"
        @update:model-value="setDropBy"
      />
      <NumberField
        :model-value="shown(dropKind, content.drop.value)"
        label="Drop at"
        :unit="unitOf(dropKind)"
        density="compact"
        hide-details
        @update:model-value="setDrop"
      />
    </div>
    <SchoolDialog
      v-model="keeping"
      :content="content"
      :schools="schools"
      @kept="(id) => ((content.schoolId = id), emit('schools'))"
    />
  </section>
</template>

<style scoped>
.targets {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 8px 20px;
}
.targets > h2,
.targets > p {
  grid-column: 1 / -1;
}
@media (max-width: 1180px) {
  .targets {
    grid-template-columns: minmax(0, 1fr);
  }
}
.aim {
  display: grid;
  grid-template-columns: 1.3fr 1fr 0.8fr;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
.drop {
  display: grid;
  grid-template-columns: 1.4fr 1fr;
  gap: 8px;
}
</style>
