<script setup lang="ts">
import { api, type Schemas } from '@/shared/api/client'
import { useSend } from '@/shared/api/useSend'
import { moment } from '@/shared/format/text'
import { useGoOn } from '@/shared/useGoOn'

/** The trial of a kept blend: laid blind beside its parts, and what came of it. */
const props = defineProps<{ blend: Schemas['BlendPage'] }>()
const goOn = useGoOn()
const { sending, failure, send } = useSend()

async function lay() {
  const made = await send(() =>
    api.POST('/api/blends/{id}/trials', { params: { path: { id: props.blend.id } } }),
  )
  if (made.data) {
    await goOn(`/cupping/${made.data.cuppingId}`)
  }
}
</script>

<template>
  <section class="card">
    <h2>Its trial</h2>
    <p class="quiet">
      Weigh the roasted parts by their shares, mix the whole beans, grind each cup by itself. The table has
      the blend and a roast of each part under codes: only the cup tells what the estimate cannot.
    </p>
    <v-btn class="mt-2" variant="outlined" :loading="sending" @click="lay"
      >Lay the trial beside its parts, blind</v-btn
    >
    <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
    <p v-for="t in blend.trials" :key="t.cuppingId" class="trial">
      <router-link class="plain" :to="`/cupping/${t.cuppingId}`">Table {{ t.cuppingId }}</router-link>
      <span class="quiet"> {{ moment(t.laidAt) }}, {{ t.of }}</span> · {{ t.text }}
    </p>
  </section>
</template>

<style scoped>
.trial {
  margin: 8px 0 0;
}
</style>
