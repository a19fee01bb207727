<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'

/** Ways of the house to prepare a table: one is taken, or what stands here is kept under a name. */
const protocol = defineModel<Schemas['Preparation']>({ required: true })
const cups = defineModel<number>('cups', { required: true })
/** On which form it is written down. */
const form = defineModel<Schemas['HouseProtocolView']['form']>('form')
const kept = useLoad(() => answer(api.GET('/api/table-protocols')))
const all = computed(() => kept.data.value?.protocols ?? [])
const chosen = ref<string>()
const naming = ref(false)
const name = ref('')
const failure = ref<Failure>()
const brewed = computed(() => protocol.value.serving !== 'espresso')
const reason = computed(() => all.value.find((p) => p.cups === cups.value)?.reason)

function take(wanted: string | undefined) {
  chosen.value = wanted
  const found = all.value.find((p) => p.name === wanted)
  if (found) {
    // the solids of today's water stay where a protocol says nothing of them
    const { tdsPpm } = protocol.value
    protocol.value = { tdsPpm, ...found.preparation }
    cups.value = found.cups
    form.value = found.form ?? form.value
  }
}
async function keep(protocols: Schemas['HouseProtocolView'][]) {
  const result = await answer(
    api.PUT('/api/table-protocols', { body: { protocols, version: kept.data.value?.version } }),
  )
  failure.value = result.failure
  naming.value = naming.value && !!result.failure
  await kept.reload()
}
async function add() {
  const own = { name: name.value.trim(), cups: cups.value, form: form.value, preparation: protocol.value }
  await keep([...all.value.filter((p) => p.name !== own.name), own])
  chosen.value = failure.value ? chosen.value : own.name
}
async function fit(query: { waterMl?: number; doseG?: number }) {
  const result = await answer(api.GET('/api/table-preparation', { params: { query } }))
  failure.value = result.failure
  if (result.data) {
    protocol.value = { ...protocol.value, doseG: result.data.doseG, waterMl: result.data.waterMl }
  }
}
</script>

<template>
  <div class="choice">
    <div class="line">
      <v-select
        :model-value="chosen"
        :items="all.map((p) => p.name)"
        label="Prepared by"
        hide-details
        class="which"
        @update:model-value="take"
      />
      <v-btn
        variant="text"
        :disabled="!protocol.waterMl || !brewed"
        title="By the published ratio"
        @click="fit({ waterMl: protocol.waterMl })"
        >Dose for this water</v-btn
      >
      <v-btn
        variant="text"
        :disabled="!protocol.doseG || !brewed"
        title="By the published ratio"
        @click="fit({ doseG: protocol.doseG })"
        >Water for this dose</v-btn
      >
      <v-btn variant="text" @click="naming = !naming">Keep as…</v-btn>
      <v-btn
        v-if="chosen && all.length > 1"
        variant="text"
        @click="keep(all.filter((p) => p.name !== chosen)).then(() => (chosen = undefined))"
        >Forget it</v-btn
      >
    </div>
    <div v-if="naming" class="line">
      <v-text-field
        v-model="name"
        label="Name of this protocol"
        maxlength="60"
        hide-details
        @keydown.enter.prevent="name.trim() && add()"
      />
      <v-btn variant="outlined" :disabled="!name.trim()" @click="add">Keep it</v-btn>
    </div>
    <p v-if="reason" class="quiet">{{ reason }}</p>
    <p v-if="failure" class="ember" role="alert">{{ failure.problems[0]?.message ?? failure.message }}</p>
  </div>
</template>

<style scoped>
.choice {
  grid-column: 1 / -1;
  display: grid;
  gap: 8px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.which {
  max-width: 340px;
  min-width: 240px;
}
</style>
