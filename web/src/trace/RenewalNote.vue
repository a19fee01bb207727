<script setup lang="ts">
import { onScopeDispose, ref } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'

/** How far traces are worked out anew after a change of rules or limits; nothing where they all are. */
const emit = defineEmits<{ done: [] }>()
const AGAIN_MS = 1500
const progress = ref<Schemas['RenewalView']>()
let timer: ReturnType<typeof setTimeout> | undefined

async function look() {
  const before = progress.value?.left ?? 0
  progress.value = (await answer(api.GET('/api/traces/renewal'))).data
  if (progress.value?.left) {
    timer = setTimeout(look, AGAIN_MS)
  } else if (before > 0) {
    emit('done')
  }
}
void look()
onScopeDispose(() => clearTimeout(timer))
</script>

<template>
  <p v-if="progress?.left" class="quiet" role="status">
    {{ progress.left.toLocaleString('en') }} of {{ progress.of.toLocaleString('en') }} traces are being worked
    out anew: until then they say what was said before.
  </p>
</template>
