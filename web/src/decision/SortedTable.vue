<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api, type Failure } from '@/shared/api/client'

/** Lays one roast sorted by hand beside itself unsorted, blind: the proof that single beans are to blame. */
const props = defineProps<{ roastId: number }>()
const router = useRouter()
const failure = ref<Failure>()
const sending = ref(false)

async function lay() {
  if (sending.value) {
    return
  }
  sending.value = true
  const made = await answer(
    api.POST('/api/cuppings', {
      body: {
        blind: 'coded',
        samples: [{ roastId: props.roastId }, { roastId: props.roastId, treatment: 'sorted by hand' }],
      },
    }),
  )
  sending.value = false
  failure.value = made.failure
  if (made.data) {
    await router.push(`/cupping/${made.data.id}`)
  }
}
</script>

<template>
  <p>
    <v-btn variant="outlined" :loading="sending" @click="lay">Lay sorted beside unsorted, blind</v-btn>
    <span v-if="failure" class="ember" role="alert">{{ failure.message }}</span>
  </p>
</template>
