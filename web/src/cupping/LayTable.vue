<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { answer, api, problemAt, type Failure, type Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import { useLoad } from '@/shared/api/useLoad'
import { momentOf } from '@/shared/format/localTime'
import { plural } from '@/shared/format/text'
import { useDraft } from '@/shared/kept/useDraft'
import { useGoOn } from '@/shared/useGoOn'
import LaidRoasts from './LaidRoasts.vue'
import OutsideCoffees from './OutsideCoffees.vue'
import ProtocolChoice from './ProtocolChoice.vue'
import TablePreparation from './TablePreparation.vue'
import { useLaidWarnings } from './useLaidWarnings'
import { BLIND, CHOICES, FORMS, KINDS, samplesOf, told } from './laying'

/** What is to stand on the table, who may know it, and how the cups are prepared. */
const props = defineProps<{
  roasts: Schemas['RoastView'][]
  /** Those that wait for their first cup. */
  waiting: number[]
  chosen: number[]
  /** What is asked, and who may know, where the way here said so. */
  askedKind?: Schemas['CuppingView']['kind']
  askedBlind?: Schemas['CuppingView']['blind']
}>()
const goOn = useGoOn()
const form = ref({
  chosen: props.chosen,
  twice: [] as number[],
  treated: {} as Record<number, string>,
  entrants: {} as Record<number, string>,
  outside: [] as { name: string }[],
  cups: 5,
  form: 'hundred-point' as 'hundred-point' | 'value-assessment',
  kind: 'scoring' as Schemas['CuppingView']['kind'],
  blind: 'open' as Schemas['CuppingView']['blind'],
  sets: undefined as number | undefined,
  choice: 'order' as 'order' | 'best',
  protocol: {} as Schemas['Preparation'],
  prepared: false,
  cuppedAt: '',
})
const draft = useDraft('table', form)
if (props.chosen.length) {
  form.value.chosen = props.chosen
  form.value.kind = props.askedKind ?? form.value.kind
  form.value.blind = props.askedBlind ?? form.value.blind
}
const other = ref('')
const outsiders = ref<InstanceType<typeof OutsideCoffees>>()
const opening = ref(false)
const failure = ref<Failure>()
const onSheets = computed(() => ['scoring', 'triage'].includes(form.value.kind))
const scoring = computed(() => form.value.kind === 'scoring')
/** A sample may hide under two codes where the same is scored again; in a choice it would compete with itself. */
const pairs = computed(() => scoring.value && coded.value)
const triangle = computed(() => form.value.kind === 'triangle')
const roastOff = computed(() => form.value.kind === 'roast-off')
/** A choice between coffees one knows is none. */
const blind = computed(() => (!onSheets.value && form.value.blind === 'open' ? 'coded' : form.value.blind))
const coded = computed(() => blind.value !== 'open')
const ways = computed(() => (onSheets.value ? BLIND : BLIND.filter((b) => b.value !== 'open')))
/** All that is to stand on the table. */
const laid = computed(() => samplesOf(form.value, { pairs: pairs.value, entries: roastOff.value }))
const count = computed(() => laid.value.reduce((sum, s) => sum + s.times, 0))
const kinds = useLoad(() => answer(api.GET('/api/table-kinds')))
/** Why these cannot be laid as they are. */
const wrong = computed(() => {
  const all = count.value + Number(!!other.value.trim())
  const allowed = kinds.data.value?.find((k) => k.kind === form.value.kind)
  if (onSheets.value || !allowed || (all >= allowed.fewest && all <= allowed.most)) {
    return undefined
  }
  return triangle.value
    ? 'A triangle is of two samples: choose two, or one and the same treated otherwise.'
    : `A roast-off is of ${allowed.fewest} to ${allowed.most} samples.`
})
const plan = useLoad(
  () => answer(api.GET('/api/triangle-plan', { params: { query: { sets: form.value.sets } } })),
  () => form.value.sets,
)
watch(
  () => plan.data.value?.sets,
  (usual) => (form.value.sets ??= usual),
)
// what the last table was prepared with, or else the published protocol; what is typed here stays
onMounted(async () => {
  const usual = form.value.prepared ? undefined : await answer(api.GET('/api/table-preparation'))
  if (usual?.data) {
    form.value.protocol = usual.data
    form.value.prepared = true
  }
})

/** The table as it is laid. */
const entry = computed<Schemas['CuppingEntry']>(() => ({
  kind: form.value.kind,
  cups: form.value.cups,
  blind: blind.value,
  choice: roastOff.value ? form.value.choice : undefined,
  form: scoring.value ? form.value.form : undefined,
  assessments: triangle.value ? form.value.sets : undefined,
  protocol: form.value.protocol,
  samples: laid.value,
  cuppedAt: momentOf(form.value.cuppedAt),
}))
const said = useLaidWarnings(entry, () => count.value > 0 && !wrong.value)

async function open() {
  outsiders.value?.putOn()
  if (opening.value || count.value === 0 || wrong.value) {
    return
  }
  opening.value = true
  const result = await answer(api.POST('/api/cuppings', { body: entry.value }))
  failure.value = result.failure
  opening.value = false
  if (result.data) {
    draft.done()
    await goOn(`/cupping/${result.data.id}`)
  }
}
</script>

<template>
  <form class="card table" @submit.prevent="open">
    <h2>Set a table</h2>
    <v-select v-model="form.kind" :items="KINDS" label="What is asked" hide-details class="kind" />
    <LaidRoasts
      v-model:chosen="form.chosen"
      v-model:twice="form.twice"
      v-model:treated="form.treated"
      v-model:entrants="form.entrants"
      :roasts="roasts"
      :waiting="waiting"
      :pairs="pairs"
      :entries="roastOff"
      :said="said"
    />
    <OutsideCoffees ref="outsiders" v-model="form.outside" v-model:typing="other" />
    <div class="figures">
      <NumberField
        v-if="triangle"
        v-model="form.sets"
        label="Sets of three cups"
        whole
        :problem="problemAt(failure, 'assessments')"
      />
      <v-select v-if="scoring" v-model="form.form" :items="FORMS" label="Form" hide-details />
      <v-select v-if="onSheets" v-model="form.cups" :items="[1, 3, 5]" label="Cups a sample" hide-details />
      <v-select
        v-if="roastOff"
        v-model="form.choice"
        :items="CHOICES"
        label="Each person names"
        hide-details
      />
      <v-select
        :model-value="blind"
        :items="ways"
        label="Who may know"
        hide-details
        @update:model-value="form.blind = $event"
      />
      <v-text-field
        v-model="form.cuppedAt"
        type="datetime-local"
        label="Cupped on"
        hint="left empty: now"
        persistent-hint
      />
      <ProtocolChoice v-model="form.protocol" v-model:cups="form.cups" v-model:form="form.form" />
      <TablePreparation v-model="form.protocol" :failure="failure" />
    </div>
    <p v-if="triangle && plan.data.value" class="quiet">{{ plan.data.value.text }}</p>
    <p class="quiet">{{ told(triangle, blind) }}</p>
    <p v-if="failure" class="ember" role="alert">{{ failure.problems[0]?.message ?? failure.message }}</p>
    <p v-if="wrong && count > 0" class="quiet">{{ wrong }}</p>
    <v-btn
      type="submit"
      color="primary"
      :disabled="(count === 0 && !other.trim()) || !!wrong"
      :loading="opening"
    >
      {{ count ? `Begin with ${plural(count, 'sample')}` : 'Choose a sample' }}
    </v-btn>
  </form>
</template>

<style scoped>
.table {
  display: grid;
  gap: 10px;
}
.kind {
  max-width: 320px;
}
.figures {
  display: grid;
  gap: 12px;
  grid-template-columns: repeat(auto-fit, minmax(185px, 1fr));
  align-items: start;
}
.table > .v-btn {
  justify-self: start;
}
</style>
