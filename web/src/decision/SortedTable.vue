<script setup lang="ts">
import { api } from '@/shared/api/client'
import { useSend } from '@/shared/api/useSend'
import { useGoOn } from '@/shared/useGoOn'

/** Lays one roast sorted by hand beside itself unsorted, blind: the proof that single beans are to blame. */
const props = defineProps<{ roastId: number }>()
const goOn = useGoOn()
const { sending, failure, send } = useSend()

async function lay() {
  const made = await send(() =>
    api.POST('/api/cuppings', {
      body: {
        blind: 'coded',
        samples: [{ roastId: props.roastId }, { roastId: props.roastId, treatment: 'sorted by hand' }],
      },
    }),
  )
  if (made.data) {
    await goOn(`/cupping/${made.data.id}`)
  }
}
</script>

<template>
  <p>
    <v-btn variant="outlined" :loading="sending" @click="lay">Lay sorted beside unsorted, blind</v-btn>
    <span v-if="failure" class="ember" role="alert">{{ failure.message }}</span>
  </p>
</template>
