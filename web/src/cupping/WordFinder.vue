<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { useKeys } from '@/shared/keyboard/useKeys'
import { matchingWords, toggledCup, withWord, type WordMark } from './sheetContent'

/** Taste words by cup: found by typing or by group, then marked cup by cup. */
const props = defineProps<{ vocabulary: Schemas['WordView'][]; cups: number }>()
const words = defineModel<WordMark[]>({ required: true })

const MOST_SHOWN = 8
const typed = ref('')
const field = ref<{ focus: () => void }>()
const openGroup = ref<string>()

const matches = computed(() => matchingWords(props.vocabulary, typed.value).slice(0, MOST_SHOWN))
const groups = computed(() => [...new Map(props.vocabulary.map((w) => [w.group, w.pointsTo])).entries()])
const inGroup = computed(() => props.vocabulary.filter((w) => w.group === openGroup.value))
const nothing = computed(() => typed.value.trim() !== '' && matches.value.length === 0)

function add(word: string) {
  words.value = withWord(words.value, word, props.cups)
  typed.value = ''
  field.value?.focus()
}

const found = ref<HTMLElement>()
/** The one after it, or the field, is next in hand. */
async function remove(word: string) {
  const at = words.value.findIndex((w) => w.word === word)
  words.value = words.value.filter((w) => w.word !== word)
  await nextTick()
  const left = found.value?.querySelectorAll<HTMLElement>('.remove') ?? []
  ;(left[Math.min(at, left.length - 1)] ?? field.value)?.focus()
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
        nothing
          ? `No word like “${typed}” here: try one of the groups below`
          : 'type, then Enter takes the first'
      "
      persistent-hint
      @keydown.enter.prevent="matches[0] && add(matches[0].word)"
    />
    <div v-if="matches.length" class="choices">
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
    </div>
    <div v-else class="choices">
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
    <div v-if="openGroup && !matches.length" class="choices inner">
      <p class="quiet">may point to: {{ groups.find(([g]) => g === openGroup)?.[1] }}</p>
      <button v-for="w in inGroup" :key="w.word" type="button" class="chip" @click="add(w.word)">
        {{ w.word }}
      </button>
    </div>
    <ul ref="found" class="found">
      <li v-for="w in words" :key="w.word">
        <b>{{ w.word }}</b>
        <span class="dots">
          <button
            v-for="cup in cups"
            :key="cup"
            type="button"
            class="dot"
            :class="{ in: w.cups.includes(cup) }"
            :aria-pressed="w.cups.includes(cup)"
            :aria-label="`${w.word} in cup ${cup}`"
            @click="words = toggledCup(words, w.word, cup)"
          >
            {{ cup }}
          </button>
        </span>
        <v-btn variant="text" class="remove" :aria-label="`Remove ${w.word}`" @click="remove(w.word)"
          >×</v-btn
        >
      </li>
    </ul>
  </div>
</template>

<style scoped>
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
.found {
  list-style: none;
  padding: 0;
}
.found li {
  display: grid;
  grid-template-columns: 1fr auto 44px;
  align-items: center;
  border-left: 4px solid var(--cup);
  background: var(--paper);
  padding-left: 12px;
  margin-bottom: 6px;
  border-radius: 3px;
}
.dots {
  display: flex;
  gap: 4px;
  padding: 5px 0;
}
.dot {
  width: 44px;
  height: 44px;
  border-radius: 50%;
  border: 1.5px solid var(--cup);
  color: var(--cup);
  font-weight: 600;
}
.in {
  background: var(--cup);
  color: var(--card);
}
@media (pointer: coarse) {
  .chip {
    min-height: 56px;
  }
  .dot {
    width: 56px;
    height: 56px;
  }
  .found li {
    grid-template-columns: 1fr 56px;
  }
  .dots {
    grid-row: 2;
    grid-column: 1 / -1;
  }
}
</style>
