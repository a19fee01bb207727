<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { plural } from '@/shared/format/text'
import WordMap from './WordMap.vue'

/** Things to put out beside a table, for words that are chosen. */
defineProps<{ things: Schemas['ReferenceThing'][] }>()
const words = defineModel<string[]>({ required: true })
const vocabulary = useLoad(() => answer(api.GET('/api/vocabulary')))
const choosing = ref(false)
const pick = (word: string) =>
  (words.value = words.value.includes(word) ? words.value.filter((w) => w !== word) : [...words.value, word])
</script>

<template>
  <section class="card" aria-labelledby="out-title">
    <h2 id="out-title">To put out beside it</h2>
    <p class="quiet">
      Things that keep a word fresh in the memory. Choose the words; they say nothing of what stands on the
      table.
    </p>
    <ul>
      <li v-for="t in things" :key="t.word">
        {{ t.thing }} <span class="quiet">for {{ t.word }}</span>
      </li>
    </ul>
    <v-btn variant="text" :aria-pressed="choosing" @click="choosing = !choosing">{{
      choosing ? 'That is all' : `${plural(words.length, 'word')} chosen; choose words`
    }}</v-btn>
    <WordMap
      v-if="choosing && vocabulary.data.value"
      :vocabulary="vocabulary.data.value.filter((w) => w.reference)"
      :chosen="words"
      @pick="pick"
    />
  </section>
</template>
