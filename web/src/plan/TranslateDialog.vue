<script setup lang="ts">
import { ref, shallowRef, watch } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'
import { useGoOn } from '@/shared/useGoOn'
import FiguresCard from './FiguresCard.vue'
import type { Content } from './plan'

/** Carries a plan to another roaster, and says what could not be carried over. */
const props = defineProps<{
  plan: Schemas['PlanView']
  content: Content
  wording: { fahrenheit: boolean; per30s: boolean }
}>()
const open = defineModel<boolean>({ required: true })
const goOn = useGoOn()
const machines = shallowRef<Schemas['MachineView'][]>([])
const toId = ref<number>()
const greenG = ref<number>()
const working = ref(false)
const translated = shallowRef<Schemas['TranslationView']>()
const failure = shallowRef<Failure>()

watch(open, async (now) => {
  if (now) {
    const result = await answer(api.GET('/api/machines'))
    machines.value = (result.data ?? []).filter((m) => m.id !== props.plan.machineId)
    failure.value = result.failure
    translated.value = undefined
    toId.value = machines.value[0]?.id
  }
})
watch(toId, (id) => {
  greenG.value = machines.value.find((m) => m.id === id)?.settings.batchMaxG
})

async function translate() {
  working.value = true
  const result = await answer(
    api.POST('/api/plans/translation', {
      params: { query: props.wording },
      body: {
        greenSampleId: props.plan.greenSampleId,
        machineId: props.plan.machineId,
        toMachineId: toId.value!,
        greenG: greenG.value ?? Number.NaN,
        content: props.content,
      },
    }),
  )
  working.value = false
  failure.value = result.failure
  translated.value = result.data
}

async function keep() {
  const begun = await answer(
    api.POST('/api/plans', {
      body: {
        greenSampleId: props.plan.greenSampleId,
        machineId: toId.value,
        schoolId: props.content.schoolId,
        greenG: greenG.value,
      },
    }),
  )
  failure.value = begun.failure
  if (begun.data) {
    const kept = await answer(
      api.PUT('/api/plans/{id}', {
        params: { path: { id: begun.data.id } },
        body: { version: begun.data.version, content: translated.value!.content },
      }),
    )
    failure.value = kept.failure
    if (kept.data) {
      open.value = false
      await goOn(`/plan/${kept.data.id}`)
    }
  }
}
</script>

<template>
  <v-dialog v-model="open" max-width="720">
    <div class="card translate">
      <h2>Adapt to another roaster</h2>
      <p v-if="!machines.length" class="quiet">
        There is no other roaster yet. <router-link class="plain" to="/machines">Add one</router-link>, import
        its logs and fit its model.
      </p>
      <template v-else>
        <div class="pair">
          <v-select
            v-model="toId"
            :items="machines"
            item-title="name"
            item-value="id"
            label="To"
            hide-details
          />
          <NumberField v-model="greenG" label="Batch there" unit="g" />
        </div>
        <v-btn color="primary" :loading="working" :disabled="!toId" @click="translate">Adapt it</v-btn>
      </template>
      <p v-if="failure" class="ember" role="alert">
        {{ failure.message }} {{ failure.problems.map((p) => p.message).join('. ') }}
      </p>
      <template v-if="translated">
        <FiguresCard :prediction="translated.prediction" />
        <p v-if="!translated.prediction.trusted" class="ember"><b>Not to be trusted:</b></p>
        <p v-for="d in translated.prediction.doubts" :key="d" class="quiet">{{ d }}</p>
        <p class="label">What could not be carried over</p>
        <ul>
          <li v-for="n in translated.notCarried" :key="n">{{ n }}</li>
          <li v-if="!translated.notCarried.length">Nothing is missing.</li>
        </ul>
        <v-btn color="primary" @click="keep">Keep it as a plan there</v-btn>
      </template>
      <v-btn variant="text" @click="open = false">Close</v-btn>
    </div>
  </v-dialog>
</template>

<style scoped>
.translate {
  display: grid;
  gap: 12px;
  justify-items: start;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  width: 100%;
}
.translate ul {
  padding-left: 20px;
}
</style>
