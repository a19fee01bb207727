<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, problemAt, type Failure, type Schemas } from '@/shared/api/client'
import { parseDecimal } from '@/shared/format/text'

/** Lets a batch go or holds it back, and says into which buckets or bags it went. */
const props = defineProps<{ roastId: number; release: Schemas['ReleaseView'] }>()
const emit = defineEmits<{ kept: [] }>()

const reason = ref(props.release.reason ?? '')
const bags = ref(
  props.release.bags.length
    ? props.release.bags.map((b) => ({ bag: b.bag ?? '', kg: b.kg === undefined ? '' : String(b.kg) }))
    : [{ bag: '', kg: '' }],
)
const failure = ref<Failure>()
const sending = ref(false)
const problem = (field: string) => problemAt(failure.value, field) ?? []

async function keep(released: boolean) {
  if (sending.value) {
    return
  }
  sending.value = true
  const filled = bags.value.filter((b) => b.bag.trim() || b.kg.trim())
  const result = await answer(
    api.PUT('/api/roasts/{id}/release', {
      params: { path: { id: props.roastId } },
      body: {
        released,
        reason: reason.value,
        bags: filled.map((b) => ({
          bag: b.bag,
          // what is no number is sent as one that is refused with its field, not dropped
          kg: b.kg.trim() ? (parseDecimal(b.kg) ?? -1) : undefined,
        })),
      },
    }),
  )
  sending.value = false
  failure.value = result.failure
  if (!result.failure) {
    emit('kept')
  }
}
</script>

<template>
  <form class="release" @submit.prevent>
    <div v-for="(b, i) in bags" :key="i" class="bag">
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
    <v-btn variant="text" @click="bags.push({ bag: '', kg: '' })">One more bag</v-btn>
    <v-text-field
      v-model="reason"
      label="Why, if it is held"
      placeholder="dry end late, warm-up cut short"
      :error-messages="problem('reason')"
    />
    <p v-if="failure && !failure.problems.length" class="ember" role="alert">{{ failure.message }}</p>
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
