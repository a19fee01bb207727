<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { moment, roastName } from '@/shared/format/text'

/** Which roasts stand on a table, and whether one stands there twice. */
const props = defineProps<{
  roasts: Schemas['RoastView'][]
  /** Those that wait for their first cup. */
  waiting: number[]
  /** Whether a sample may hide under two codes. */
  pairs: boolean
  /** Whether it may be somebody's entry. */
  entries: boolean
  /** What is to be said of them before the pour. */
  said?: Schemas['RestWarning'][]
}>()
const chosen = defineModel<number[]>('chosen', { required: true })
const twice = defineModel<number[]>('twice', { required: true })
/** What was done to a second helping of a roast, by the roast. */
const treated = defineModel<Record<number, string>>('treated', { required: true })
/** Whose entry a roast is, by the roast. */
const entrants = defineModel<Record<number, string>>('entrants', { required: true })

const offered = computed(() =>
  props.roasts.filter((r) => props.waiting.includes(r.id) || chosen.value.includes(r.id)),
)
const others = computed(() =>
  props.roasts
    .filter((r) => !offered.value.includes(r))
    .map((r) => ({ title: `${roastName(r)}, ${r.process}`, value: r.id })),
)
const warnings = (id: number) => (props.said ?? []).filter((w) => w.roastId === id).map((w) => w.text)
const add = (id: number | null) => id && (chosen.value = [...chosen.value, id])
const enter = (id: number, whose: string) => (entrants.value = { ...entrants.value, [id]: whose })
const treat = (id: number, how: string) => (treated.value = { ...treated.value, [id]: how })
</script>

<template>
  <p v-if="roasts.length === 0" class="quiet">
    There is no roast yet: <router-link class="plain" to="/roast/import">import a log</router-link> or roast
    one at a desk first.
  </p>
  <p v-else-if="offered.length === 0" class="quiet">
    Every roast has been cupped: choose one to cup it again.
  </p>
  <div v-for="r in offered" :key="r.id" class="sample">
    <v-checkbox
      v-model="chosen"
      :value="r.id"
      hide-details
      density="comfortable"
      :label="`${roastName(r)}, ${r.process}, roasted ${moment(r.roastedAt)}`"
    />
    <template v-if="chosen.includes(r.id)">
      <v-checkbox
        v-if="pairs"
        v-model="twice"
        :value="r.id"
        hide-details
        density="comfortable"
        label="under two codes"
      />
      <v-text-field
        v-if="entries"
        :model-value="entrants[r.id] ?? ''"
        label="Whose entry, if somebody's"
        maxlength="120"
        hide-details
        autocomplete="off"
        @update:model-value="enter(r.id, $event)"
      />
      <v-text-field
        :model-value="treated[r.id] ?? ''"
        label="and once more, treated how"
        placeholder="quakers picked out"
        maxlength="200"
        hide-details
        autocomplete="off"
        @update:model-value="treat(r.id, $event)"
      />
      <ul v-if="warnings(r.id).length" class="said" :aria-label="`Before the pour of ${roastName(r)}`">
        <li v-for="text in warnings(r.id)" :key="text">{{ text }}</li>
      </ul>
    </template>
  </div>
  <v-autocomplete
    :model-value="null"
    :items="others"
    label="Another roast"
    variant="outlined"
    density="comfortable"
    hide-details
    class="other"
    @update:model-value="add"
  />
</template>

<style scoped>
.sample {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 24px;
}
.sample .v-checkbox {
  flex: 0 1 auto;
  min-width: 0;
  overflow-wrap: anywhere;
}
.sample .v-text-field {
  min-width: 240px;
  max-width: 340px;
}
.said {
  flex-basis: 100%;
  list-style: none;
  margin: 0 0 8px 12px;
  padding-left: 12px;
  border-left: 4px solid var(--ember);
}
.other {
  max-width: 420px;
}
</style>
