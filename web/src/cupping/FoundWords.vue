<script setup lang="ts">
import { nextTick, ref } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { toggledCup, type WordMark } from './sheetContent'

/** Words that were found, with the cups they are in and, where the form asks, what they belong to. */
defineProps<{
  cups: number
  places: Schemas['PlaceView'][]
  /** What it means that a word is in all cups, or in some, by the word. */
  meanings?: Record<string, string>
}>()
const emit = defineEmits<{ emptied: [] }>()
const words = defineModel<WordMark[]>({ required: true })
const found = ref<HTMLElement>()

/** The one after it is next in hand, or else the field. */
async function remove(word: string) {
  const at = words.value.findIndex((w) => w.word === word)
  words.value = words.value.filter((w) => w.word !== word)
  await nextTick()
  const left = found.value?.querySelectorAll<HTMLElement>('.remove') ?? []
  const next = left[Math.min(at, left.length - 1)]
  if (next) {
    next.focus()
  } else {
    emit('emptied')
  }
}
function put(word: string, place: string) {
  words.value = words.value.map((w) =>
    w.word === word ? { ...w, place: (w.place === place ? undefined : place) as WordMark['place'] } : w,
  )
}
const full = (place: Schemas['PlaceView']) =>
  words.value.filter((w) => w.place === place.place).length >= place.most
</script>

<template>
  <ul ref="found" class="found">
    <li v-for="w in words" :key="w.word">
      <b
        >{{ w.word }} <span v-if="meanings?.[w.word]" class="quiet means">{{ meanings[w.word] }}</span></b
      >
      <span class="dots">
        <button
          v-for="cup in cups"
          :key="cup"
          type="button"
          class="dot"
          :class="{ in: w.cups.includes(cup) }"
          :aria-pressed="w.cups.includes(cup)"
          :aria-label="`${w.word} in cup ${cup}`"
          @click="words = toggledCup(words, w.word, cup, cups)"
        >
          {{ cup }}
        </button>
      </span>
      <v-btn variant="text" class="remove" :aria-label="`Remove ${w.word}`" @click="remove(w.word)">×</v-btn>
      <span v-if="places.length" class="places" role="group" :aria-label="`Where ${w.word} belongs`">
        <button
          v-for="p in places"
          :key="p.place"
          type="button"
          class="place"
          :class="{ open: w.place === p.place }"
          :aria-pressed="w.place === p.place"
          :disabled="w.place !== p.place && full(p)"
          :title="full(p) && w.place !== p.place ? `${p.most} are there already` : undefined"
          @click="put(w.word, p.place)"
        >
          {{ p.label }}
        </button>
      </span>
    </li>
  </ul>
</template>

<style scoped>
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
.means {
  display: block;
  font-weight: 400;
  font-size: 0.9rem;
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
.places {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  padding-bottom: 6px;
}
.place {
  min-height: 44px;
  padding: 0 14px;
  border: 1px solid var(--line);
  border-radius: 4px;
  font-size: 0.875rem;
  color: var(--ink-2);
}
.place.open {
  border-color: var(--ink);
  color: var(--ink);
}
.place:disabled {
  opacity: 0.5;
}
@media (pointer: coarse) {
  .place {
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
