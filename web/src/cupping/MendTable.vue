<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import NumberField from '@/shared/components/NumberField.vue'
import RemoveThing from '@/shared/components/RemoveThing.vue'
import { useDraft } from '@/shared/kept/useDraft'
import { localTime, momentOf } from '@/shared/format/localTime'
import { capital, moment } from '@/shared/format/text'

/** What was entered wrongly of a table: its day, a sheet after the reveal, or the whole of it. */
const props = defineProps<{ table: Schemas['CuppingView'] }>()
const emit = defineEmits<{ changed: [] }>()
const path = { params: { path: { id: props.table.id } } }
const failure = ref<Failure>()
const busy = ref(false)
const asking = ref<'day' | 'sheet'>()
const at = ref(localTime(props.table.cuppedAt))
const revealed = computed(() => props.table.blind !== 'open' && props.table.told)
const corrections = useLoad(async () =>
  revealed.value ? await answer(api.GET('/api/cuppings/{id}/corrections', path)) : { data: [] },
)
const sheets = computed(() =>
  props.table.progress
    .filter((p) => p.sheetId !== undefined)
    .map((p) => ({ value: p.sheetId!, title: `${p.cupper}, ${p.code}` })),
)
const title = (id: number) => sheets.value.find((s) => s.value === id)?.title ?? 'a sheet'
const sheet = ref<Schemas['SheetView']>()
const mended = ref({ sheetId: 0, scores: {} as Record<string, number | undefined>, reason: '' })
let draft = useDraft(`correction.${props.table.id}`, mended)

/** Such as "Fragrance aroma" for fragranceAroma. */
const label = (field: string) => capital(field.replace(/[A-Z]/g, (c) => ` ${c.toLowerCase()}`))

async function once(send: () => Promise<{ failure?: Failure }>) {
  if (busy.value) {
    return
  }
  busy.value = true
  const result = await send()
  busy.value = false
  failure.value = result.failure
  if (!result.failure) {
    asking.value = undefined
    sheet.value = undefined
    draft.done()
    mended.value = { sheetId: 0, scores: {}, reason: '' }
    draft = useDraft(`correction.${props.table.id}`, mended)
    await corrections.reload()
    emit('changed')
  }
}

const keepDay = () =>
  once(() => answer(api.PUT('/api/cuppings/{id}/time', { ...path, body: { cuppedAt: momentOf(at.value) } })))

async function open(sheetId: number) {
  const found = await answer(
    api.GET('/api/cuppings/{id}/sheets/{sheetId}', { params: { path: { id: props.table.id, sheetId } } }),
  )
  failure.value = found.failure
  sheet.value = found.data
  // a correction that was left half typed is found again
  if (mended.value.sheetId !== sheetId) {
    mended.value = { ...mended.value, sheetId, scores: { ...found.data?.attributes } }
  }
}

function correct() {
  const s = sheet.value!
  const scores = Object.fromEntries(Object.entries(mended.value.scores).filter(([, v]) => v !== undefined))
  const { code, cupper, form, cups, words, intensities, scales, note, verdict, version } = s
  const body = {
    reason: mended.value.reason,
    sheet: {
      code,
      cupper,
      form,
      cups,
      words,
      intensities,
      scales,
      note,
      verdict,
      version,
      attributes: scores,
    },
  } as Schemas['MendedSheetEntry']
  return once(() =>
    answer(
      api.POST('/api/cuppings/{id}/sheets/{sheetId}/correction', {
        params: { path: { id: props.table.id, sheetId: s.id } },
        body,
      }),
    ),
  )
}
</script>

<template>
  <section class="mend">
    <ul v-if="corrections.data.value?.length">
      <li v-for="c in corrections.data.value" :key="c.at">
        {{ title(c.sheetId) }}: <b>{{ c.nowScore?.toFixed(2) ?? 'no score' }}</b>, was
        {{ c.wasScore?.toFixed(2) ?? 'no score' }} as given blind. {{ c.reason }}
        <span class="quiet">{{ c.by }}, {{ moment(c.at) }}</span>
      </li>
    </ul>
    <form v-if="asking === 'day'" class="row" @submit.prevent="keepDay">
      <v-text-field v-model="at" type="datetime-local" label="Cupped on" hide-details />
      <v-btn type="submit" color="primary" :loading="busy">Keep it</v-btn>
      <v-btn variant="text" @click="asking = undefined">Cancel</v-btn>
    </form>
    <form v-else-if="asking === 'sheet'" class="card" @submit.prevent="correct">
      <p class="quiet">What was given blind is kept and stays to be read beside the correction.</p>
      <v-select
        :model-value="sheet?.id"
        :items="sheets"
        label="Whose sheet"
        hide-details
        @update:model-value="open"
      />
      <template v-if="sheet">
        <div class="scores">
          <NumberField
            v-for="field in Object.keys(sheet.attributes)"
            :key="field"
            v-model="mended.scores[field]"
            :label="label(field)"
          />
        </div>
        <v-text-field v-model="mended.reason" label="Why, such as “mistyped: the paper says 7.75”" />
        <v-btn type="submit" color="primary" :loading="busy" :disabled="!mended.reason.trim()"
          >Correct it</v-btn
        >
      </template>
      <v-btn variant="text" @click="asking = undefined">Cancel</v-btn>
    </form>
    <div v-else class="row">
      <v-btn variant="text" @click="asking = 'day'">Another day…</v-btn>
      <v-btn v-if="revealed && sheets.length" variant="text" @click="asking = 'sheet'"
        >Correct a sheet…</v-btn
      >
      <RemoveThing :id="table.id" kind="cuppings" what="this table" after="/cupping" />
    </div>
    <p v-if="failure" class="ember" role="alert">{{ failure.problems[0]?.message ?? failure.message }}</p>
  </section>
</template>

<style scoped>
.mend {
  margin-top: 14px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.scores {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 8px 12px;
  margin: 10px 0;
}
</style>
