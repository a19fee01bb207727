<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { clock } from '@/shared/format/text'

/** What a roast was made for: its bench and its trace are judged by that. */
const props = defineProps<{ roastId: number; aim: Schemas['RoastAim'] }>()
const emit = defineEmits<{ changed: [] }>()
const aims = useLoad(() => answer(api.GET('/api/roast-aims')))
const problem = ref('')
const chosen = computed(() => aims.data.value?.find((a) => a.code === props.aim))

async function choose(aim: Schemas['RoastAim']) {
  const result = await answer(
    api.PUT('/api/roasts/{id}/aim', { params: { path: { id: props.roastId } }, body: { aim } }),
  )
  problem.value = result.failure?.message ?? ''
  emit('changed')
}
</script>

<template>
  <v-select
    v-if="aims.data.value"
    class="mt-2"
    :model-value="aim"
    :items="aims.data.value"
    item-title="label"
    item-value="code"
    label="Made for"
    density="compact"
    hide-details="auto"
    :error-messages="problem"
    @update:model-value="choose"
  />
  <p v-if="chosen && chosen.code !== 'own'" class="quiet">
    Right for it: {{ clock(chosen.shortestS) }} to {{ clock(chosen.longestS) }}, weight loss
    {{ chosen.leastLossPct }} to {{ chosen.mostLossPct }} %, whole beans {{ chosen.darkestColour }} to
    {{ chosen.lightestColour }}. Bench and trace go by that.
  </p>
  <p v-else-if="chosen" class="quiet">
    Held to what the plan that it followed aims at; nothing else is asked of it.
  </p>
</template>
