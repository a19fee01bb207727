<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import NumberField from '@/shared/components/NumberField.vue'
import { clock } from '@/shared/format/text'
import { usePreferences } from '@/shared/preferences'
import DropFields from './DropFields.vue'
import SchoolDialog from './SchoolDialog.vue'
import { shown, shownTolerance, typed, typedTolerance, unitOf, type Kind } from '@/shared/format/kinds'
import type { Content } from './plan'
import { wordsOf } from '@/shared/format/words'

/** What the roast aims at: begun from a school, each figure with its tolerance, and what ends the roast. */
const props = defineProps<{ schools: Schemas['SchoolView'][] }>()
const content = defineModel<Content>({ required: true })
const preferences = usePreferences()

const FIGURES: [string, string, Kind][] = [
  ['dryEndS', 'Dry end', 'time'],
  ['firstCrackS', 'First crack', 'time'],
  ['totalS', 'Total time', 'time'],
  ['dropC', 'Drop', 'temperature'],
  ['dryingPct', 'Drying', 'share'],
  ['browningPct', 'Browning', 'share'],
  ['developmentPct', 'Development', 'share'],
  ['developmentS', 'Development time', 'time'],
  ['rorBeforeCrackCPerMin', 'Rise a minute before crack', 'rate'],
  ['rorAtFirstCrackCPerMin', 'Rise at first crack', 'rate'],
  ['rorAtDropCPerMin', 'Rise at the drop', 'rate'],
  ['environmentDropC', 'Environment at the drop', 'temperature'],
]
const aims = useLoad(() => answer(api.GET('/api/roast-aims')))
const aim = computed(() => aims.data.value?.find((a) => a.code === (content.value.aim ?? 'protocol-sample')))
const firstAims = useLoad(() => answer(api.GET('/api/plan-aims')))
const school = computed(() => props.schools.find((s) => s.id === content.value.schoolId))

const u = computed(() => preferences.units)
function set(field: string, kind: Kind, part: 'value' | 'tolerance', number: number | undefined) {
  const aim = content.value.targets[field]
  const to = part === 'tolerance' ? typedTolerance : typed
  const changed = number === undefined ? undefined : to(kind, number, u.value)
  if (aim && changed !== undefined && Math.abs(changed - aim[part]) > 1e-6) {
    aim[part] = changed
  }
}
function toggle(field: string) {
  const targets = { ...content.value.targets }
  const first = firstAims.data.value?.[field]
  if (targets[field]) {
    delete targets[field]
  } else if (first) {
    targets[field] = { ...first }
  }
  content.value.targets = targets
}
function begin(id: string | null) {
  const next = props.schools.find((s) => s.id === id)
  if (next) {
    // the drop is written for a usual probe: this roaster's own is moved by as much as the styles differ
    const own = content.value.targets.dropC
    const by = (next.targets.dropC?.value ?? 0) - (school.value?.targets.dropC?.value ?? 0)
    const moved = own && next.targets.dropC && school.value?.targets.dropC
    const dropC = moved ? { ...next.targets.dropC!, value: own.value + by } : (own ?? next.targets.dropC)
    content.value.schoolId = next.id
    content.value.developmentFrom = next.developmentFrom
    content.value.aim = next.aim ?? content.value.aim
    content.value.targets = { ...next.targets, ...(next.targets.dropC && dropC ? { dropC } : {}) }
  }
}
const keeping = ref(false)
const emit = defineEmits<{ schools: [] }>()
</script>

<template>
  <section class="card targets" aria-labelledby="targets-title">
    <h2 id="targets-title">Targets</h2>
    <v-select
      :model-value="content.schoolId"
      :items="schools"
      item-title="name"
      item-value="id"
      label="Style"
      hide-details
      @update:model-value="begin"
    />
    <v-btn variant="text" @click="keeping = true">Keep these as a style</v-btn>
    <p v-if="school" class="quiet">{{ school.note }}</p>
    <v-select
      :model-value="content.aim ?? 'protocol-sample'"
      :items="aims.data.value ?? []"
      item-title="label"
      item-value="code"
      label="Made for"
      hide-details
      density="compact"
      @update:model-value="content.aim = $event"
    />
    <p v-if="aim && aim.code !== 'own'" class="quiet">
      Right for it: {{ clock(aim.shortestS) }} to {{ clock(aim.longestS) }}, weight loss
      {{ aim.leastLossPct }} to {{ aim.mostLossPct }} %. Bench and trace go by that.
    </p>
    <v-select
      v-model="content.developmentFrom"
      :items="wordsOf('TargetsDevelopmentFrom')"
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
        @update:model-value="toggle(field)"
      />
      <template v-if="content.targets[field]">
        <NumberField
          :model-value="shown(kind, content.targets[field]!.value, u)"
          :label="kind === 'time' ? `${label} at` : label"
          :clock="kind === 'time'"
          :unit="kind === 'time' ? undefined : unitOf(kind, u)"
          density="compact"
          hide-details="auto"
          @update:model-value="set(field, kind, 'value', $event)"
        />
        <NumberField
          :model-value="shownTolerance(kind, content.targets[field]!.tolerance, u)"
          label="±"
          :slip-of="`${label} ±`"
          :unit="unitOf(kind, u)"
          density="compact"
          hide-details="auto"
          @update:model-value="set(field, kind, 'tolerance', $event)"
        />
      </template>
    </div>
    <DropFields v-model="content" />
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
</style>
