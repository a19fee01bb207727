<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api, problemAt, type Failure, type Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import { useLoad } from '@/shared/api/useLoad'
import { moment, plural, roastName } from '@/shared/format/text'
import { useDraft } from '@/shared/kept/useDraft'
import OutsideCoffees from './OutsideCoffees.vue'
import TablePreparation from './TablePreparation.vue'

/** What is to stand on the table, who may know it, and how the cups are prepared. */
const props = defineProps<{
  waiting: Schemas['RoastView'][]
  chosen: number[]
}>()
const router = useRouter()
const KINDS = [
  { title: 'score them', value: 'scoring' },
  { title: 'is there a difference?', value: 'triangle' },
  { title: 'which is liked best?', value: 'roast-off' },
]
const BLIND = [
  { title: 'everybody', value: 'open' },
  { title: 'who prepares', value: 'coded' },
]
const form = ref({
  chosen: props.chosen,
  twice: [] as number[],
  outside: [] as { name: string }[],
  cups: 5,
  kind: 'scoring' as Schemas['CuppingView']['kind'],
  blind: 'open' as 'open' | 'coded',
  sets: 18 as number | undefined,
  protocol: {} as Schemas['Preparation'],
  prepared: false,
})
const draft = useDraft('table', form)
if (props.chosen.length) {
  form.value.chosen = props.chosen
}
const other = ref('')
const outsiders = ref<InstanceType<typeof OutsideCoffees>>()
const opening = ref(false)
const failure = ref<Failure>()
const count = computed(
  () => form.value.chosen.length + form.value.twice.length * Number(pairs.value) + form.value.outside.length,
)
const scoring = computed(() => form.value.kind === 'scoring')
/** A sample may hide under two codes where the same is scored again; in a choice it would compete with itself. */
const pairs = computed(() => scoring.value && coded.value)
const triangle = computed(() => form.value.kind === 'triangle')
// a choice between coffees one knows is none
const coded = computed(() => !scoring.value || form.value.blind === 'coded')
/** Why these cannot be laid as they are. */
const wrong = computed(() => {
  const laid = count.value + Number(!!other.value.trim())
  if (triangle.value && laid !== 2) {
    return 'A triangle is of two samples, each once: choose two.'
  }
  return !scoring.value && (laid < 2 || laid > 8) ? 'A roast-off is of two to eight samples.' : undefined
})
const plan = useLoad(
  () => answer(api.GET('/api/triangle-plan', { params: { query: { sets: form.value.sets } } })),
  () => form.value.sets,
)
// what the last table was prepared with, or else the published protocol; what is typed here stays
onMounted(async () => {
  const usual = form.value.prepared ? undefined : await answer(api.GET('/api/table-preparation'))
  if (usual?.data) {
    form.value.protocol = usual.data
    form.value.prepared = true
  }
})

async function open() {
  outsiders.value?.putOn()
  if (opening.value || count.value === 0 || wrong.value) {
    return
  }
  opening.value = true
  const { kind, chosen, twice, outside, cups, protocol, sets } = form.value
  const result = await answer(
    api.POST('/api/cuppings', {
      body: {
        kind,
        cups,
        blind: coded.value ? 'coded' : 'open',
        assessments: triangle.value ? sets : undefined,
        protocol,
        samples: [
          ...chosen.map((roastId) => ({ roastId, times: pairs.value && twice.includes(roastId) ? 2 : 1 })),
          ...outside.map((o) => ({ outside: o })),
        ],
      },
    }),
  )
  failure.value = result.failure
  opening.value = false
  if (result.data) {
    draft.done()
    await router.push(`/cupping/${result.data.id}`)
  }
}
</script>

<template>
  <form class="card table" @submit.prevent="open">
    <h2>Set a table</h2>
    <v-select v-model="form.kind" :items="KINDS" label="What is asked" hide-details class="kind" />
    <p v-if="waiting.length === 0" class="quiet">
      Every roast has been cupped. Open one of them from its page to cup it again.
    </p>
    <div v-for="r in waiting" :key="r.id" class="sample">
      <v-checkbox
        v-model="form.chosen"
        :value="r.id"
        hide-details
        density="comfortable"
        :label="`${roastName(r)}, ${r.process}, roasted ${moment(r.roastedAt)}`"
      />
      <v-checkbox
        v-if="pairs && form.chosen.includes(r.id)"
        v-model="form.twice"
        :value="r.id"
        hide-details
        density="comfortable"
        label="under two codes"
      />
    </div>
    <OutsideCoffees ref="outsiders" v-model="form.outside" v-model:typing="other" />
    <div class="figures">
      <NumberField
        v-if="triangle"
        v-model="form.sets"
        label="Sets of three cups"
        whole
        :problem="problemAt(failure, 'assessments')"
      />
      <v-select v-if="scoring" v-model="form.cups" :items="[1, 3, 5]" label="Cups a sample" hide-details />
      <v-select v-if="scoring" v-model="form.blind" :items="BLIND" label="Who may know" hide-details />
      <TablePreparation v-model="form.protocol" :failure="failure" />
    </div>
    <p v-if="triangle && plan.data.value" class="quiet">{{ plan.data.value.text }}</p>
    <p class="quiet">
      {{
        triangle
          ? 'Who prepares sees in the key which coffee goes into which cup; everybody else tastes blind.'
          : coded
            ? 'Each sample gets a code of three digits. What stands under it, and what others gave, is told when the table is revealed.'
            : 'Everybody sees what is in the cups.'
      }}
    </p>
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
.sample {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 24px;
}
.kind {
  max-width: 320px;
}
.figures {
  display: grid;
  gap: 12px;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  align-items: start;
}
.table > .v-btn {
  justify-self: start;
}
</style>
