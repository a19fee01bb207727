<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, type Failure } from '@/shared/api/client'
import { momentOf } from '@/shared/format/localTime'
import { useLoad } from '@/shared/api/useLoad'
import NumberField from '@/shared/components/NumberField.vue'
import MachineSelect from '@/machine/MachineSelect.vue'
import { useGoOn } from '@/shared/useGoOn'
import MappingDialog from './MappingDialog.vue'
import LogDrop from './LogDrop.vue'
import LogFormat from './LogFormat.vue'
import LogProblems from './LogProblems.vue'
import ManyLogs from './ManyLogs.vue'
import { importLog, mappingOf, tooLarge } from './importing'
import { useManyLogs } from './manyLogs'

/**
 * Takes roast logs in: dropped, picked or pasted, one or many. All problems of a log are shown, and nothing of it is
 * kept while there is one.
 */
const route = useRoute()
const goOn = useGoOn()
const lots = useLoad(() => answer(api.GET('/api/lots')))

/** No lot has this number: each log's notes name its lot. */
const BY_NOTES = 0

const lotId = ref<number | undefined>(route.query.lot ? Number(route.query.lot) : undefined)
const stages = ref<string[]>([])
const stage = ref<string | null>(null)
watch(
  lotId,
  async (id) => {
    stage.value = null
    const found = id
      ? await answer(api.GET('/api/lots/{lotId}/samples', { params: { path: { lotId: id } } }))
      : undefined
    stages.value = found?.data?.map((s) => s.stage) ?? []
  },
  { immediate: true },
)
const machineId = ref<number>()
const roastedAt = ref('')
const weights = ref<{ greenG?: number; roastedG?: number }>({})
const files = ref<File[]>([])
const pasted = ref('')
const sending = ref(false)
const failure = ref<Failure>()
const map = ref<string[]>([])
const celsius = ref<string>()

const log = computed<Blob | undefined>(
  () => files.value[0] ?? (pasted.value.trim() ? new Blob([pasted.value]) : undefined),
)
const many = useManyLogs()
const several = computed(() => files.value.length > 1)
const byNotes = computed(() => several.value && lotId.value === BY_NOTES)
const ready = computed(() => !!log.value && (byNotes.value || !!lotId.value) && !sending.value)
const mapping = computed(() => failure.value && mappingOf(failure.value.details))
const lotItems = computed(() => [
  ...(several.value ? [{ title: 'as each log says', value: BY_NOTES }] : []),
  ...(lots.data.value ?? []).map((l) => ({ title: `${l.name}, ${l.process}`, value: l.id })),
])

watch(files, (chosen) => {
  if (chosen.length) {
    pasted.value = ''
  }
  if (chosen.length < 2 && lotId.value === BY_NOTES) {
    lotId.value = undefined
  }
  forget()
})

function forget() {
  failure.value = undefined
  map.value = []
  celsius.value = undefined
}

async function send(again = false) {
  if (!log.value || !ready.value) {
    return
  }
  if (several.value) {
    void many.start(files.value, {
      lotId: lotId.value || undefined,
      stage: (!byNotes.value && stage.value) || undefined,
      machineId: byNotes.value ? undefined : machineId.value,
      map: [],
      again,
    })
    files.value = []
    return
  }
  failure.value = tooLarge(log.value)
  if (failure.value) {
    return
  }
  sending.value = true
  const result = await importLog(log.value, {
    lotId: lotId.value,
    stage: stage.value ?? undefined,
    machineId: machineId.value,
    ...weights.value,
    map: map.value,
    celsius: celsius.value,
    roastedAt: momentOf(roastedAt.value),
    fileAt: files.value[0] && new Date(files.value[0].lastModified).toISOString(),
    again,
  })
  sending.value = false
  failure.value = result.failure
  if (result.data) {
    await goOn(`/roast/${result.data.id}`)
  }
}
</script>

<template>
  <div class="page-head">
    <h1>Import roast logs</h1>
    <span class="quiet"
      >CSV files with time and bean temperature; events and controls if they were logged</span
    >
  </div>
  <ManyLogs v-if="many.logs.length" />
  <form v-else class="columns" @submit.prevent="send()">
    <div class="card side">
      <v-select v-model="lotId" label="Lot" :items="lotItems" no-data-text="No lot yet: enter one first" />
      <v-select
        v-if="stages.length > 1 && !byNotes"
        v-model="stage"
        label="Sample that was roasted"
        :items="stages"
        clearable
        hint="left open: the arrival sample"
        persistent-hint
      />
      <MachineSelect v-if="!byNotes" v-model="machineId" />
      <template v-if="!several">
        <NumberField v-model="weights.greenG" label="Weight in" unit="g" hint="may be left for the bench" />
        <NumberField v-model="weights.roastedG" label="Weight out" unit="g" />
        <v-text-field
          v-model="roastedAt"
          type="datetime-local"
          label="Charged on"
          hint="left empty: as the log says, else the age of the file"
          persistent-hint
        />
      </template>
      <v-btn type="submit" color="primary" :disabled="!ready" :loading="sending">{{
        several ? `Import ${files.length} logs` : 'Import'
      }}</v-btn>
      <p v-if="byNotes" class="quiet">
        Lot, sample, roaster and weights are read from the lines <code># lot: …</code>,
        <code># sample: …</code>, <code># machine: …</code>, <code># green_g: …</code> and
        <code># roasted_g: …</code> of each log.
      </p>
      <p v-else-if="!lotId" class="quiet">Choose the lot that was roasted.</p>
    </div>
    <div>
      <LogDrop v-model="files">
        <v-btn v-if="files.length" variant="outlined" @click="files = []">Paste instead</v-btn>
      </LogDrop>
      <v-textarea
        v-if="!files.length"
        v-model="pasted"
        label="or paste the log"
        rows="8"
        class="mb-3"
        spellcheck="false"
        @update:model-value="forget"
      />

      <LogProblems
        v-if="failure && !mapping"
        :failure="failure"
        @unit="(answered: string) => ((celsius = answered), send())"
        @again="send(true)"
      />
      <LogFormat v-else />
    </div>
  </form>
  <MappingDialog
    v-if="mapping"
    :mapping="mapping"
    @done="(pairs: string[]) => ((map = pairs), send())"
    @cancel="failure = undefined"
  />
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(260px, 340px) 1fr;
  gap: 20px;
  align-items: start;
}
.side {
  display: grid;
  gap: 14px;
}
@media (max-width: 800px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
