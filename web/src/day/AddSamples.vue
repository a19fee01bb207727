<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { plural } from '@/shared/format/text'

/** Samples that are not in the day yet, to be put in. */
const props = defineProps<{ open: Schemas['GreenSampleView'][]; adding: boolean }>()
const emit = defineEmits<{ add: [sampleIds: number[]] }>()
const chosen = ref<number[]>([])
watch(
  () => props.open,
  (open) => (chosen.value = chosen.value.filter((id) => open.some((s) => s.id === id))),
)
</script>

<template>
  <section class="card group" aria-labelledby="add-title">
    <h2 id="add-title">Put samples in</h2>
    <p v-if="!open.length" class="quiet">Every sample is in the day.</p>
    <div class="open">
      <v-checkbox
        v-for="s in open"
        :key="s.id"
        v-model="chosen"
        :value="s.id"
        :label="`${s.lotName}, ${s.stage} (${s.process})`"
        density="compact"
        hide-details
      />
    </div>
    <v-btn color="primary" :disabled="!chosen.length" :loading="adding" @click="emit('add', chosen)">
      Put {{ plural(chosen.length, 'sample') }} in
    </v-btn>
  </section>
</template>

<style scoped>
.group {
  display: grid;
  gap: 12px;
}
.open {
  max-height: 260px;
  overflow-y: auto;
}
</style>
