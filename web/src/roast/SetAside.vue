<script setup lang="ts">
import { ref } from 'vue'
import { answer, api } from '@/shared/api/client'
import { vFocus } from '@/shared/keyboard/vFocus'

/** Sets a roast aside for a reason, and takes it back. */
const props = defineProps<{ roastId: number; reason?: string }>()
const emit = defineEmits<{ changed: [reason: string | undefined] }>()
const asking = ref(false)
const typed = ref('')
const problem = ref('')

async function change(reason: string | undefined) {
  const path = { params: { path: { id: props.roastId } } }
  const result = await answer(
    reason === undefined
      ? api.DELETE('/api/roasts/{id}/discarded', path)
      : api.PUT('/api/roasts/{id}/discarded', { ...path, body: { reason } }),
  )
  problem.value = result.failure ? (result.failure.problems[0]?.message ?? result.failure.message) : ''
  if (!result.failure) {
    asking.value = false
    emit('changed', result.data?.discardedReason)
  }
}
</script>

<template>
  <form v-if="asking" class="aside" @submit.prevent="change(typed)">
    <v-text-field
      v-model="typed"
      v-focus
      label="Why is it excluded?"
      maxlength="500"
      :error-messages="problem || []"
    />
    <v-btn type="submit" color="primary">Exclude</v-btn>
    <v-btn variant="text" @click="asking = false">Cancel</v-btn>
  </form>
  <p v-else-if="reason" class="aside" role="status">
    <span class="ember">Excluded: {{ reason }}</span>
    <v-btn variant="outlined" @click="change(undefined)">Take it back</v-btn>
    <span v-if="problem" class="ember" role="alert">{{ problem }}</span>
  </p>
  <v-btn v-else variant="text" @click="asking = true">Exclude it…</v-btn>
</template>

<style scoped>
.aside {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.aside > :first-child {
  min-width: 220px;
}
</style>
