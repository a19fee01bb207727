<script setup lang="ts">
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { useSend } from '@/shared/api/useSend'
import { useGoOn } from '@/shared/useGoOn'

/** Makes a plan that roasts as it should the profile that every batch is held to. */
const props = defineProps<{ planId: number }>()
const goOn = useGoOn()
const profiles = useLoad(() => answer(api.GET('/api/profiles')))
const { sending, failure, send } = useSend()

async function approve() {
  const made = await send(() => api.POST('/api/profiles', { body: { planId: props.planId } }))
  if (made.data) {
    await goOn(`/decision/profiles/${made.data.id}`)
  }
}
</script>

<template>
  <section class="card">
    <h2>In production</h2>
    <template v-for="p in profiles.data.value ?? []" :key="p.id">
      <p v-if="p.planId === planId">
        <router-link class="plain" :to="`/decision/profiles/${p.id}`"
          >{{ p.name }}, version {{ p.version }}</router-link
        >: {{ p.outturn }}
      </p>
    </template>
    <v-btn
      v-if="!profiles.data.value?.some((p) => p.planId === planId)"
      variant="outlined"
      :loading="sending"
      @click="approve"
      >Approve for production</v-btn
    >
    <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
  </section>
</template>
