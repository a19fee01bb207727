<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'

/** What a roast is and whether it teaches: a reference, the day's warm-up, or a pull of another. */
const props = defineProps<{ roast: Schemas['RoastView'] }>()
const emit = defineEmits<{ accept: [yes: boolean]; changed: [] }>()
const problem = ref('')

async function warmUp(yes: boolean) {
  const result = await answer(
    api.PUT('/api/roasts/{id}/warm-up', {
      params: { path: { id: props.roast.id } },
      body: { warmUp: yes },
    }),
  )
  problem.value = result.failure?.message ?? ''
  emit('changed')
}
</script>

<template>
  <p v-if="roast.kind === 'pull'" class="mt-2">
    Drawn from
    <router-link class="plain" :to="`/roast/${roast.pulledFrom}`">its batch</router-link>
    with the trier: measured, rested and cupped by itself, and it teaches nothing.
  </p>
  <template v-else>
    <v-switch
      v-if="roast.kind === 'batch'"
      :model-value="roast.accepted"
      color="primary"
      hide-details
      :label="`Use as reference for ${roast.machineName}`"
      @update:model-value="emit('accept', $event === true)"
    />
    <p v-if="roast.kind === 'batch'" class="quiet small">
      Switch it on for a sound roast with its events in the right places.
    </p>
    <v-checkbox
      :model-value="roast.kind === 'warm-up'"
      density="compact"
      label="The day’s warm-up: it teaches nothing"
      hide-details="auto"
      :error-messages="problem"
      @update:model-value="warmUp($event === true)"
    />
  </template>
</template>

<style scoped>
.small {
  font-size: 0.8125rem;
}
</style>
