<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api, problemAt, type Failure, type Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import { moment, plural, roastName } from '@/shared/format/text'
import { useDraft } from '@/shared/kept/useDraft'
import { degree, shownTemperature, typedTemperature } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'

/** What is to stand on the table, who may know it, and how the cups are prepared. */
const props = defineProps<{
  waiting: Schemas['RoastView'][]
  chosen: number[]
  last?: Schemas['Preparation']
}>()
const router = useRouter()
const preferences = usePreferences()
const BLIND = [
  { title: 'everybody', value: 'open' },
  { title: 'who prepares', value: 'coded' },
]
const form = ref({
  chosen: props.chosen,
  twice: [] as number[],
  outside: [] as { name: string }[],
  cups: 5,
  blind: 'open' as 'open' | 'coded',
  protocol: { doseG: 8.25, waterMl: 150, waterC: 93, ...props.last } as Schemas['Preparation'],
})
const draft = useDraft('table', form)
if (props.chosen.length) {
  form.value.chosen = props.chosen
}
const other = ref('')
const opening = ref(false)
const failure = ref<Failure>()
const count = computed(
  () => form.value.chosen.length + form.value.twice.length * Number(coded.value) + form.value.outside.length,
)
const coded = computed(() => form.value.blind === 'coded')
const water = computed<number | undefined>({
  get: () => {
    const c = form.value.protocol.waterC
    return c === undefined ? undefined : Math.round(shownTemperature(c, preferences.units) * 10) / 10
  },
  set: (typed) => {
    if (typed !== water.value) {
      form.value.protocol.waterC =
        typed === undefined ? undefined : typedTemperature(typed, preferences.units)
    }
  },
})

function addOutside() {
  if (other.value.trim()) {
    form.value.outside.push({ name: other.value.trim() })
    other.value = ''
  }
}

async function open() {
  addOutside()
  if (opening.value || count.value === 0) {
    return
  }
  opening.value = true
  const { chosen, twice, outside, cups, blind, protocol } = form.value
  const result = await answer(
    api.POST('/api/cuppings', {
      body: {
        cups,
        blind,
        protocol,
        samples: [
          ...chosen.map((roastId) => ({ roastId, times: coded.value && twice.includes(roastId) ? 2 : 1 })),
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
        v-if="coded && form.chosen.includes(r.id)"
        v-model="form.twice"
        :value="r.id"
        hide-details
        density="comfortable"
        label="under two codes"
      />
    </div>
    <div v-for="(o, i) in form.outside" :key="i" class="sample outside">
      <span>{{ o.name }} <span class="quiet">not roasted here</span></span>
      <v-btn variant="text" :aria-label="`Take ${o.name} off the table`" @click="form.outside.splice(i, 1)"
        >take off</v-btn
      >
    </div>
    <div class="row">
      <v-text-field
        v-model="other"
        label="A coffee that was not roasted here"
        maxlength="200"
        hide-details
        @keydown.enter.prevent="addOutside"
      />
      <v-btn variant="outlined" :disabled="!other.trim()" @click="addOutside">Put it on</v-btn>
    </div>
    <div class="row figures">
      <v-select v-model="form.cups" :items="[1, 3, 5]" label="Cups a sample" hide-details />
      <v-select v-model="form.blind" :items="BLIND" label="Who may know" hide-details />
      <NumberField
        v-model="form.protocol.doseG"
        label="Dose"
        unit="g"
        :problem="problemAt(failure, 'protocol.doseG')"
      />
      <NumberField
        v-model="form.protocol.waterMl"
        label="Water"
        unit="mL"
        :problem="problemAt(failure, 'protocol.waterMl')"
      />
      <NumberField
        v-model="water"
        label="As poured"
        :unit="degree(preferences.units)"
        :problem="problemAt(failure, 'protocol.waterC')"
      />
      <NumberField
        v-model="form.protocol.tdsPpm"
        label="Solids in it"
        unit="ppm"
        :problem="problemAt(failure, 'protocol.tdsPpm')"
      />
    </div>
    <p class="quiet">
      {{
        coded
          ? 'Each sample gets a code of three digits. What stands under it, and what others gave, is told when the table is revealed.'
          : 'Everybody sees what is in the cups.'
      }}
    </p>
    <p v-if="failure" class="ember" role="alert">{{ failure.problems[0]?.message ?? failure.message }}</p>
    <v-btn type="submit" color="primary" :disabled="count === 0 && !other.trim()" :loading="opening">
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
.outside {
  padding-left: 12px;
}
.row {
  display: flex;
  gap: 12px;
  align-items: center;
}
.figures {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  align-items: start;
}
.table > .v-btn {
  justify-self: start;
}
</style>
