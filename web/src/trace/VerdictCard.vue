<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { moment } from '@/shared/format/text'
import { readDraft } from '@/shared/kept/draft'
import VerdictForm from './VerdictForm.vue'

/** What the lead holds of the cup, beside what the program says; what was held before stays to be read. */
const props = defineProps<{ trace: Schemas['TraceView'] }>()
const emit = defineEmits<{ given: [] }>()

const causes = computed(() => [
  ...[...props.trace.findings, ...props.trace.folded].map((f) => ({ value: f.cause, title: f.label })),
  { value: 'none', title: 'none of the causes' },
])
const asking = ref(readDraft(`verdict.${props.trace.roastId}`) !== undefined)

function given() {
  asking.value = false
  emit('given')
}
</script>

<template>
  <section class="card">
    <div class="head">
      <h2 class="label">Your own verdict</h2>
      <v-btn v-if="!asking" variant="outlined" size="small" @click="asking = true">
        {{ trace.verdicts.length ? 'Change it' : 'Give one' }}
      </v-btn>
    </div>
    <ul v-if="trace.verdicts.length" class="given">
      <li v-for="(v, i) in trace.verdicts" :key="v.at" :class="{ quiet: i > 0 }">
        <b>{{ v.label }}</b>: {{ v.reason }}
        <span class="quiet">{{ i > 0 ? 'before, ' : '' }}{{ v.by }}, {{ moment(v.at) }}</span>
      </li>
    </ul>
    <p v-else-if="!asking" class="quiet">
      None yet. What you know of it is kept beside what the program says.
    </p>
    <VerdictForm
      v-if="asking"
      :roast-id="trace.roastId"
      :causes="causes"
      @given="given"
      @left="asking = false"
    />
  </section>
</template>

<style scoped>
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
.given {
  list-style: none;
  padding: 0;
  margin-top: 6px;
}
</style>
