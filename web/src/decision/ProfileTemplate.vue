<script setup lang="ts">
import { ref } from 'vue'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { useSend } from '@/shared/api/useSend'
import { useGoOn } from '@/shared/useGoOn'

/** A profile that another lab gave: a template for a plan of ours, never a plan to follow. */
const open = ref(false)
const goOn = useGoOn()
const samples = useLoad(() => answer(api.GET('/api/green-samples')))
const machines = useLoad(() => answer(api.GET('/api/machines')))
const file = ref<File | null>(null)
const sampleId = ref<number>()
const machineId = ref<number>()
const { sending, problem, said, send } = useSend()

async function begin() {
  const chosen = file.value
  if (!chosen) {
    return
  }
  const made = await send(async () =>
    api.POST('/api/profiles/template', {
      body: { file: await chosen.text(), greenSampleId: sampleId.value, machineId: machineId.value },
    }),
  )
  if (made.data) {
    await goOn(`/plan/${made.data.planId}`)
  }
}
</script>

<template>
  <section class="card template">
    <h2 class="label">A profile from another lab</h2>
    <v-btn v-if="!open" variant="text" @click="open = true">Adapt one to our green and our roaster</v-btn>
    <form v-else @submit.prevent="begin">
      <p class="quiet">
        Its shares and times become the aims of a new plan; charge and moves are our own, and what its probes
        read is left out: another drum reads otherwise.
      </p>
      <v-file-input
        v-model="file"
        label="The file, CSV or JSON"
        accept=".csv,.json,text/csv,application/json"
        :error-messages="problem('file')"
      />
      <v-select
        v-model="sampleId"
        :items="(samples.data.value ?? []).map((s) => ({ value: s.id, title: `${s.lotName}, ${s.stage}` }))"
        label="For which green"
        :error-messages="problem('greenSampleId')"
      />
      <v-select
        v-model="machineId"
        :items="(machines.data.value ?? []).map((m) => ({ value: m.id, title: m.name }))"
        label="On which roaster"
        :error-messages="problem('machineId')"
      />
      <p v-if="said()" class="ember" role="alert">{{ said() }}</p>
      <v-btn type="submit" color="primary" :disabled="!file || !sampleId || !machineId" :loading="sending">
        Begin a plan from it
      </v-btn>
    </form>
  </section>
</template>

<style scoped>
.template {
  margin-top: 16px;
}
form {
  display: grid;
  gap: 8px;
  max-width: 560px;
}
</style>
