<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import { useKeys } from '@/shared/keyboard/useKeys'

type Counts = Schemas['BenchCounts']

/** Beans picked out of a weighed part: one key or tap a bean, one fewer with Shift or by −. */
const props = defineProps<{
  /** What was counted comes to so many in 100 g. */
  scaled?: Partial<Record<Exclude<keyof Counts, 'ofG'>, number>>
  roastedG?: number
  problemAt: (field: string) => string | undefined
}>()
const counts = defineModel<Counts>({ required: true })
const emit = defineEmits<{ valid: [field: string, valid: boolean] }>()

const KINDS = [
  { field: 'quakers', label: 'Quakers', key: 'q', hint: 'pale; rub silverskin off first' },
  { field: 'scorched', label: 'Scorched', key: 's', hint: 'flat burnt faces' },
  { field: 'tipped', label: 'Tipped', key: 't', hint: 'burnt ends' },
  { field: 'shells', label: 'Shells', key: 'h', hint: 'shells and hollow beans' },
  { field: 'dark', label: 'Dark', key: 'd', hint: 'much darker than the rest' },
  { field: 'broken', label: 'Broken', key: 'b', hint: 'pieces: they roast faster' },
  { field: 'misshapen', label: 'Misshapen', key: 'm', hint: 'crooked, elephant or ear-shaped' },
  { field: 'peaberries', label: 'Peaberries', key: 'p', hint: 'single and round: sound, they stay in' },
] as const
type Field = (typeof KINDS)[number]['field']

const WHOLE_G = 100
/** Less than 100 g came out: then that is what can be picked through. */
const less = computed(() =>
  counts.value.ofG === undefined && props.roastedG !== undefined && props.roastedG < WHOLE_G
    ? Math.round(props.roastedG * 10) / 10
    : undefined,
)
const found: Field[] = []
const flashed = ref<Field>()

function add(field: Field) {
  counts.value[field] = (counts.value[field] ?? 0) + 1
  found.push(field)
  flashed.value = field
  setTimeout(() => (flashed.value = undefined), 180)
}
function fewer(field: Field) {
  counts.value[field] = Math.max(0, (counts.value[field] ?? 0) - 1)
}
function undo() {
  const last = found.pop()
  if (last) {
    fewer(last)
  }
}
function noneElse() {
  for (const k of KINDS) {
    counts.value[k.field] ??= 0
  }
}
useKeys([
  ...KINDS.map((k) => ({
    key: k.key,
    does: `one bean more: ${k.label.toLowerCase()}`,
    run: () => add(k.field),
  })),
  ...KINDS.map((k) => ({
    key: k.key.toUpperCase(),
    does: `one bean fewer: ${k.label.toLowerCase()}`,
    run: () => fewer(k.field),
  })),
  { key: 'Backspace', does: 'undo the last bean', run: undo },
])
</script>

<template>
  <section class="card tally">
    <h2>Counted</h2>
    <div class="of">
      <NumberField
        v-model="counts.ofG"
        label="picked out of"
        unit="g"
        placeholder="100"
        persistent-placeholder
        density="compact"
        :hint="counts.ofG === undefined || counts.ofG === WHOLE_G ? '' : 'scaled to 100 g'"
        :problem="problemAt('counts.ofG')"
        @valid="emit('valid', 'counts.ofG', $event)"
      />
      <v-btn v-if="less" variant="outlined" @click="counts.ofG = less">All {{ less }} g</v-btn>
    </div>
    <div class="kinds">
      <div v-for="k in KINDS" :key="k.field" class="kind">
        <button type="button" class="bean" :class="{ flashed: flashed === k.field }" @click="add(k.field)">
          <kbd>{{ k.key.toUpperCase() }}</kbd>{{ ' '
          }}<span
            >{{ k.label }}
            <small class="quiet">{{
              scaled?.[k.field] !== undefined && scaled[k.field] !== counts[k.field]
                ? `${scaled[k.field]} in 100 g`
                : k.hint
            }}</small></span
          >{{ ' ' }}<span class="d-sr-only">{{ counts[k.field] ?? 'not' }} counted, one more</span>
        </button>
        <button
          type="button"
          class="fewer"
          :disabled="!counts[k.field]"
          :aria-label="`${k.label}: one fewer`"
          @click="fewer(k.field)"
        >
          −
        </button>
        <NumberField
          v-model="counts[k.field]"
          :label="`${k.label} counted`"
          bare
          whole
          density="compact"
          :problem="problemAt(`counts.${k.field}`)"
          @valid="emit('valid', `counts.${k.field}`, $event)"
        />
      </div>
    </div>
    <v-btn variant="outlined" @click="noneElse">The rest: none found</v-btn>
  </section>
</template>

<style scoped>
.tally {
  display: grid;
  gap: 8px;
  align-content: start;
}
.of {
  display: flex;
  gap: 8px;
  align-items: start;
}
.kinds {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 8px 16px;
  align-items: start;
}
.kind {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 44px 72px;
  gap: 8px;
  align-items: center;
}
.bean {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 48px;
  padding: 4px 8px;
  border: 1px solid var(--line);
  border-radius: 4px;
  text-align: left;
}
.fewer {
  min-height: 48px;
  border: 1px solid var(--line);
  border-radius: 4px;
  font-size: 1.4rem;
}
.fewer:disabled {
  color: var(--line);
}
.bean:hover,
.flashed {
  border-color: var(--moss);
  background: var(--band);
}
small {
  display: block;
  line-height: 1.2;
}
</style>
