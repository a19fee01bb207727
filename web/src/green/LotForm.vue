<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { answer, api, problemAt, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { useDraft } from '@/shared/kept/useDraft'
import NumberField from '@/shared/components/NumberField.vue'
import { choicesOf } from '@/shared/format/words'
import { isoDay } from '@/shared/format/text'
import { vFocus } from '@/shared/keyboard/vFocus'

/** A lot to enter or to change. What the server refuses is shown at its field; nothing typed is lost. */
const props = defineProps<{ lot?: Schemas['LotView'] }>()
const emit = defineEmits<{ saved: [lot: Schemas['LotView']]; cancel: [] }>()

const entry = ref({
  name: props.lot?.name ?? '',
  supplier: props.lot?.supplier ?? '',
  origin: props.lot?.origin ?? '',
  process: props.lot?.process ?? 'washed',
  arrivalDate: props.lot?.arrivalDate ?? isoDay(new Date()),
  kg: props.lot?.kg,
  moisturePct: props.lot?.moisturePct,
  densityGPerL: props.lot?.densityGPerL,
  screen: props.lot?.screen ?? '',
  supplierNotes: props.lot?.supplierNotes ?? '',
})
const draft = useDraft(`lot.${props.lot?.id ?? 'new'}`, entry, props.lot?.version)
const unreadable = reactive(new Set<string>())
const failure = ref<Failure>()
const saving = ref(false)
const at = (field: string) => problemAt(failure.value, field)
const note = (field: string, valid: boolean) => (valid ? unreadable.delete(field) : unreadable.add(field))
const blocked = computed(() => unreadable.size > 0)

const lots = useLoad(() => answer(api.GET('/api/lots')))
const plain = (name: string) => name.trim().replace(/\s+/g, ' ').toLowerCase()
/** Another lot whose name differs by nothing but spaces and case. */
const twin = computed(() =>
  lots.data.value?.find((l) => l.id !== props.lot?.id && plain(l.name) === plain(entry.value.name)),
)

async function save() {
  if (saving.value || blocked.value) {
    return
  }
  saving.value = true
  // the server names what is missing, so an empty field goes as it is
  const body = {
    ...entry.value,
    arrivalDate: entry.value.arrivalDate || undefined,
    version: props.lot && draft.madeFrom,
  } as Schemas['LotEntry']
  const result = props.lot
    ? await answer(api.PUT('/api/lots/{id}', { params: { path: { id: props.lot.id } }, body }))
    : await answer(api.POST('/api/lots', { body }))
  saving.value = false
  failure.value = result.failure
  if (result.data) {
    draft.done()
    emit('saved', result.data)
  }
}

function cancel() {
  draft.done()
  emit('cancel')
}
</script>

<template>
  <form class="card form" novalidate @submit.prevent="save">
    <h2>{{ lot ? 'Change the lot' : 'New lot' }}</h2>
    <p v-if="draft.found.value" class="quiet" role="status">
      Here is what was typed the last time and not kept.
    </p>
    <p v-if="failure" role="alert" class="ember">{{ failure.message }}</p>
    <p v-if="twin" class="ember" role="status">
      There is a lot <router-link class="plain" :to="`/green/${twin.id}`">{{ twin.name }}</router-link> of
      {{ twin.supplier }} already. Is it the same?
    </p>
    <div class="fields">
      <v-text-field v-model="entry.name" v-focus label="Name" :error-messages="at('name') ?? []" />
      <v-text-field v-model="entry.supplier" label="Supplier" :error-messages="at('supplier') ?? []" />
      <v-text-field v-model="entry.origin" label="Origin" :error-messages="at('origin') ?? []" />
      <v-select
        v-model="entry.process"
        label="Process"
        :items="choicesOf('Process')"
        :error-messages="at('process') ?? []"
      />
      <v-text-field
        v-model="entry.arrivalDate"
        label="Arrival date"
        type="date"
        :error-messages="at('arrivalDate') ?? []"
      />
      <NumberField
        v-model="entry.kg"
        label="Weight"
        unit="kg"
        :problem="at('kg')"
        @valid="note('kg', $event)"
      />
      <NumberField
        v-model="entry.moisturePct"
        label="Moisture"
        unit="%"
        hint="10–12 % is the usual contract range"
        :problem="at('moisturePct')"
        @valid="note('moisturePct', $event)"
      />
      <NumberField
        v-model="entry.densityGPerL"
        label="Density, free-settled"
        unit="g/L"
        hint="about 700 and up is dense, below 680 soft"
        :problem="at('densityGPerL')"
        @valid="note('densityGPerL', $event)"
      />
      <v-text-field
        v-model="entry.screen"
        label="Screen"
        hint="1/64 inch, one sieve or two: 16 or 17/18"
        persistent-hint
        :error-messages="at('screen') ?? []"
      />
    </div>
    <v-textarea
      v-model="entry.supplierNotes"
      label="What the supplier says of the cup"
      rows="1"
      auto-grow
      maxlength="1000"
      :error-messages="at('supplierNotes') ?? []"
    />
    <div class="actions">
      <v-btn type="submit" color="primary" :loading="saving" :disabled="blocked">{{
        lot ? 'Save' : 'Keep the lot'
      }}</v-btn>
      <v-btn variant="outlined" @click="cancel">Cancel</v-btn>
    </div>
    <p class="caution">
      Green dust irritates and can make allergic: mask and extraction where it is handled in quantity. Do not
      roast or taste what is visibly mouldy or smells of chemicals.
    </p>
  </form>
</template>

<style scoped>
.form {
  margin-bottom: 20px;
  display: grid;
  gap: 14px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 14px;
  align-items: start;
}
.actions {
  display: flex;
  gap: 10px;
}
</style>
