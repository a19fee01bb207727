<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useStorage } from '@vueuse/core'
import type { Schemas } from '@/shared/api/client'
import { useKeys } from '@/shared/keyboard/useKeys'
import FoundWords from './FoundWords.vue'
import WordMap from './WordMap.vue'
import { matchingWords, plainWord, withWord, type WordMark } from './sheetContent'

/** Taste words by cup: found by typing or by group, then marked cup by cup. */
const props = defineProps<{
  vocabulary: Schemas['WordView'][]
  cups: number
  /** Where words belong on this form; none where they belong nowhere. */
  places: Schemas['PlaceView'][]
  /** Words that were written most at the last tables. */
  lately: string[]
  meanings?: Record<string, string>
}>()
const words = defineModel<WordMark[]>({ required: true })

const MOST_SHOWN = 8
const typed = ref('')
const field = ref<{ focus: () => void }>()
const openGroup = ref<string>()
/** Whether the whole map stays in view on this device. */
const mapped = useStorage('barrowmist.wordMap', false)
const chosen = computed(() => words.value.map((w) => w.word))
const recent = computed(() => props.lately.filter((w) => !chosen.value.includes(w)))

const matches = computed(() => matchingWords(props.vocabulary, typed.value).slice(0, MOST_SHOWN))
const groups = computed(() => [...new Map(props.vocabulary.map((w) => [w.group, w.pointsTo])).entries()])
const inGroup = computed(() => props.vocabulary.filter((w) => w.group === openGroup.value))
/** What was typed, where it is no word of the vocabulary: any word may be written. */
const own = computed(() => {
  const word = plainWord(typed.value)
  return word && !props.vocabulary.some((w) => w.word === word || w.alsoFoundBy.includes(word)) ? word : ''
})
/** What may be put out for the words that are chosen. */
const things = computed(() =>
  chosen.value.flatMap((word) => {
    const thing = props.vocabulary.find((v) => v.word === word)?.reference
    return thing ? [`${word}: ${thing}`] : []
  }),
)

/** The own word that Enter has asked about: the second time writes it. */
const asked = ref('')
function enter() {
  const first = matches.value[0]
  if (first) {
    add(first.word)
  } else if (own.value && asked.value === own.value) {
    add(own.value)
  } else {
    asked.value = own.value
  }
}
/** The key that comes here is no part of a word. */
watch(typed, (text) => text.startsWith('/') && (typed.value = text.slice(1)))

function add(word: string) {
  asked.value = ''
  words.value = withWord(words.value, word, props.cups)
  typed.value = ''
  field.value?.focus()
}

useKeys([{ key: '/', does: 'find a taste word', run: () => field.value?.focus() }])
</script>

<template>
  <div>
    <v-text-field
      ref="field"
      v-model="typed"
      label="Find a taste word"
      autocomplete="off"
      :hint="
        own && !matches.length
          ? asked === own
            ? `Enter once more writes “${own}” as your own word`
            : `“${own}” is not in the vocabulary`
          : 'type, then Enter takes the first'
      "
      persistent-hint
      @keydown.enter.prevent="enter"
    />
    <div v-if="matches.length || own" class="choices">
      <button
        v-for="(w, i) in matches"
        :key="w.word"
        type="button"
        class="chip"
        :class="{ first: i === 0 }"
        @click="add(w.word)"
      >
        {{ w.word }}
      </button>
      <button v-if="own" type="button" class="chip group" @click="add(own)">
        “{{ own }}”, in your own word
      </button>
    </div>
    <template v-else>
      <div v-if="recent.length" class="choices" role="group" aria-label="Words used lately">
        <button v-for="w in recent" :key="w" type="button" class="chip" @click="add(w)">{{ w }}</button>
      </div>
      <v-btn variant="text" class="maps" :aria-pressed="mapped" @click="mapped = !mapped">{{
        mapped ? 'Put the map of words away' : 'Map of all words'
      }}</v-btn>
      <WordMap v-if="mapped" :vocabulary="vocabulary" :chosen="chosen" @pick="add" />
    </template>
    <div v-if="!mapped && !matches.length && !own" class="choices">
      <button
        v-for="[group, pointsTo] in groups"
        :key="group"
        type="button"
        class="chip group"
        :class="{ open: group === openGroup }"
        :aria-expanded="group === openGroup"
        :title="pointsTo"
        @click="openGroup = group === openGroup ? undefined : group"
      >
        {{ group }}
      </button>
    </div>
    <div v-if="!mapped && openGroup && !matches.length && !own" class="choices inner">
      <p class="quiet">may point to: {{ groups.find(([g]) => g === openGroup)?.[1] }}</p>
      <button v-for="w in inGroup" :key="w.word" type="button" class="chip" @click="add(w.word)">
        {{ w.word }}
      </button>
    </div>
    <p v-if="things.length" class="quiet">To remember it by: {{ things.join('; ') }}</p>
    <FoundWords
      v-model="words"
      :cups="cups"
      :places="places"
      :meanings="meanings"
      @emptied="field?.focus()"
    />
  </div>
</template>

<style scoped>
.maps {
  min-height: 48px;
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 10px 0;
}
.choices p {
  flex-basis: 100%;
  font-size: 0.9rem;
}
.chip {
  min-height: 44px;
  padding: 0 14px;
  border: 1px solid var(--line);
  border-radius: 4px;
  background: var(--paper);
  color: var(--ink);
}
.first {
  border-color: var(--cup);
  font-weight: 600;
}
.group {
  color: var(--ink-2);
}
.open {
  border-color: var(--ink);
  color: var(--ink);
}
@media (pointer: coarse) {
  .chip {
    min-height: 56px;
  }
}
</style>
