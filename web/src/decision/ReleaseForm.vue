<script setup lang="ts">
import { ref } from 'vue'
import { api, type Schemas } from '@/shared/api/client'
import { useSend } from '@/shared/api/useSend'
import { parseDecimal } from '@/shared/format/text'
import { useDraft } from '@/shared/kept/useDraft'

/** Lets a batch go or holds it back, and says into which buckets or bags it went. */
const props = defineProps<{ roastId: number; release: Schemas['ReleaseView'] }>()
const emit = defineEmits<{ kept: [] }>()

const form = ref({
  reason: props.release.reason ?? '',
  bags: props.release.bags.length
    ? props.release.bags.map((b) => ({ bag: b.bag ?? '', kg: b.kg === undefined ? '' : String(b.kg) }))
    : [{ bag: '', kg: '' }],
})
const draft = useDraft(`release.${props.roastId}`, form, props.release.version)
const { sending, problem, said, send } = useSend()

async function keep(released: boolean) {
  const filled = form.value.bags.filter((b) => b.bag.trim() || b.kg.trim())
  const { taken } = await send(() =>
    api.PUT('/api/roasts/{id}/release', {
      params: { path: { id: props.roastId } },
      body: {
        released,
        reason: form.value.reason,
        bags: filled.map((b) => ({
          bag: b.bag,
          // what is no number is sent as one that is refused with its field, not dropped
          kg: b.kg.trim() ? (parseDecimal(b.kg) ?? -1) : undefined,
        })),
        version: draft.madeFrom,
      },
    }),
  )
  if (taken) {
    draft.done()
    emit('kept')
  }
}
</script>

<template>
  <form class="release" @submit.prevent>
    <div v-for="(b, i) in form.bags" :key="i" class="bag">
      <v-text-field
        v-model="b.bag"
        label="Bucket or bag"
        placeholder="B-131"
        :error-messages="problem(`bags[${i}].bag`)"
      />
      <v-text-field
        v-model="b.kg"
        label="kg"
        inputmode="decimal"
        :error-messages="problem(`bags[${i}].kg`)"
      />
    </div>
    <v-btn variant="text" @click="form.bags.push({ bag: '', kg: '' })">One more bag</v-btn>
    <v-text-field
      v-model="form.reason"
      label="Why, if it is held"
      placeholder="dry end late, warm-up cut short"
      :error-messages="problem('reason')"
    />
    <p v-if="said()" class="ember" role="alert">{{ said() }}</p>
    <div class="choice">
      <v-btn color="primary" :loading="sending" @click="keep(true)">Release it</v-btn>
      <v-btn variant="outlined" :loading="sending" @click="keep(false)">Hold it</v-btn>
    </div>
  </form>
</template>

<style scoped>
.release {
  display: grid;
  gap: 8px;
  max-width: 520px;
}
.bag {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr);
  gap: 10px;
}
.choice {
  display: flex;
  gap: 10px;
}
</style>
