<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import { useKeys } from '@/shared/keyboard/useKeys'
import KeptNote from '@/shared/kept/KeptNote.vue'
import WordFinder from './WordFinder.vue'
import { VERDICTS, type Verdict } from './triage'
import { useSheet } from './useSheet'

/** One line on one of many offers. */
const props = defineProps<{
  sheet: Schemas['SheetView']
  vocabulary: Schemas['WordView'][]
  lately?: string[]
}>()
const emit = defineEmits<{ reload: [] }>()
const { content, kept } = useSheet(props.sheet)
const say = (verdict: Verdict) =>
  (content.value.verdict = content.value.verdict === verdict ? undefined : verdict)
useKeys(VERDICTS.map((v) => ({ key: v.key, does: v.title.toLowerCase(), run: () => say(v.verdict) })))
</script>

<template>
  <section class="card triage">
    <div class="verdicts" role="group" aria-label="What becomes of it">
      <v-btn
        v-for="v in VERDICTS"
        :key="v.verdict"
        size="x-large"
        :variant="content.verdict === v.verdict ? 'flat' : 'outlined'"
        :color="content.verdict === v.verdict ? 'primary' : undefined"
        :aria-pressed="content.verdict === v.verdict"
        @click="say(v.verdict)"
        >{{ v.title }}</v-btn
      >
    </div>
    <v-text-field v-model="content.note" label="In a line" maxlength="2000" hide-details />
    <WordFinder
      v-model="content.words"
      :vocabulary="vocabulary"
      :lately="lately ?? []"
      :cups="content.cups.length"
      :places="[]"
    />
    <KeptNote :kept="kept" @theirs="emit('reload')" />
  </section>
</template>

<style scoped>
.triage {
  display: grid;
  gap: 16px;
}
.verdicts {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 10px;
}
</style>
