<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, type Schemas } from '@/shared/api/client'
import { useSend } from '@/shared/api/useSend'
import NumberField from '@/shared/components/NumberField.vue'
import { one } from '@/shared/format/text'
import { useDraft } from '@/shared/kept/useDraft'

/** A blend as it is put together: thought through without being kept, or kept under a name. */
const props = defineProps<{ blend?: Schemas['BlendPage']; lots: Schemas['LotView'][] }>()
const emit = defineEmits<{
  /** What was thought of, and of which parts. */
  thought: [view: Schemas['BlendSuggested'], parts: Schemas['BlendPart'][]]
  kept: [blend: Schemas['BlendPage']]
  theirs: []
}>()

interface Form {
  name?: string
  parts: Schemas['BlendPart'][]
  kg?: number
}
const form = ref<Form>(
  props.blend
    ? {
        name: props.blend.name,
        parts: props.blend.parts.map((p) => ({ ...p })),
        kg: props.blend.kg,
      }
    : { parts: [{ share: 60 }, { share: 40 }], kg: 10 },
)
const draft = useDraft(`blend.${props.blend?.id ?? 'new'}`, form, props.blend?.version)
const { sending, failure, problem, said, send } = useSend()
const sum = computed(() => form.value.parts.reduce((s, p) => s + (p.share ?? 0), 0))

async function think() {
  const { data } = await send(() => api.POST('/api/blends/estimate', { body: form.value }))
  if (data) {
    emit('thought', data, JSON.parse(JSON.stringify(form.value.parts)) as Schemas['BlendPart'][])
  }
}

async function keep() {
  const { data } = await send(() =>
    props.blend
      ? api.PUT('/api/blends/{id}', {
          params: { path: { id: props.blend.id } },
          body: { ...form.value, version: draft.madeFrom },
        })
      : api.POST('/api/blends', { body: form.value }),
  )
  if (data) {
    draft.done()
    emit('kept', data)
  }
}

function takeTheirs() {
  draft.done()
  emit('theirs')
}
</script>

<template>
  <form class="card" @submit.prevent="think">
    <div v-for="(p, i) in form.parts" :key="i" class="part">
      <v-select
        v-model="p.lotId"
        :items="lots.map((l) => ({ value: l.id, title: l.name }))"
        :label="`Part ${i + 1}`"
        hide-details
      />
      <NumberField v-model="p.share" label="Share" unit="%" />
      <v-btn v-if="form.parts.length > 2" variant="text" @click="form.parts.splice(i, 1)">Take it out</v-btn>
    </div>
    <div class="part">
      <v-btn class="more" variant="text" @click="form.parts.push({})">One more part</v-btn>
      <NumberField v-model="form.kg" label="Roasted, in all" unit="kg" :problem="problem('kg')" />
      <span :class="one(sum) === one(100) ? 'quiet' : 'ember'">{{ one(sum) }} % in all</span>
    </div>
    <p v-if="problem('parts')" class="ember" role="alert">{{ problem('parts') }}</p>
    <p v-if="said()" class="ember" role="alert">{{ said() }}</p>
    <div class="part keep">
      <v-text-field
        v-model="form.name"
        label="Name, to keep it"
        placeholder="House espresso"
        :error-messages="problem('name') ?? []"
        hide-details="auto"
      />
      <v-btn type="submit" :loading="sending" variant="outlined">What would it be?</v-btn>
      <v-btn color="primary" :disabled="sending || !form.name" @click="keep">Keep it</v-btn>
    </div>
    <v-btn v-if="failure?.status === 409" variant="text" @click="takeTheirs">Take what is kept</v-btn>
  </form>
</template>

<style scoped>
.part {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr) auto;
  gap: 10px;
  align-items: center;
  margin-bottom: 8px;
}
.more {
  justify-self: start;
}
</style>
