<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import { ref } from 'vue'
import { eventLabel } from '@/shared/chart/events'
import KeyButton from './KeyButton.vue'
import { SENSED } from './sensed'

/** The keys of the desk, each to be touched as well; the space bar does what is expected next. */
defineProps<{
  says: string
  phase: string
  undoText: string
  undoable: boolean
  sound: boolean
  prompt?: string
  pullG: number
}>()
const emit = defineEmits<{
  press: []
  mark: [kind: Schemas['EventKind']]
  move: [control: 'gas' | 'air' | 'drum', direction: 1 | -1]
  note: []
  pull: []
  pullWeighs: [grams: number]
  sense: [text: string]
  undo: []
  sound: []
}>()

/** Events in their order, for when another one came than was expected. */
const EVENTS: [key: string, kind: Schemas['EventKind']][] = [
  ['D', 'dry_end'],
  ['F', 'first_crack'],
  ['E', 'first_crack_end'],
  ['S', 'second_crack'],
  ['X', 'drop'],
]
const others = ref(false)

function sense(text: string) {
  others.value = false
  emit('sense', text)
}
function mark(kind: Schemas['EventKind']) {
  others.value = false
  emit('mark', kind)
}
</script>

<template>
  <nav class="bar card" aria-label="Keys of the desk">
    <div v-if="others && phase === 'roasting'" class="others">
      <KeyButton v-for="[key, kind] in EVENTS" :key="key" :keys="[key]" @press="mark(kind)">{{
        eventLabel(kind)
      }}</KeyButton>
      <span class="pair">
        <KeyButton :keys="['[']" aria-label="Drum slower" @press="emit('move', 'drum', -1)" />
        <KeyButton :keys="[']']" aria-label="Drum faster" @press="emit('move', 'drum', 1)">drum</KeyButton>
      </span>
      <label class="weighs"
        >a pull weighs
        <input
          type="number"
          min="1"
          step="1"
          inputmode="numeric"
          :value="pullG"
          @change="emit('pullWeighs', Number(($event.target as HTMLInputElement).value))"
        />
        g</label
      >
      <KeyButton v-for="(text, i) in SENSED" :key="text" :keys="[String(i + 1)]" @press="sense(text)">{{
        text
      }}</KeyButton>
    </div>
    <p v-if="prompt" class="prompt">{{ prompt }}</p>
    <button type="button" class="primary" @click="emit('press')">
      <kbd>space</kbd><span class="next-event">{{ says }}</span>
    </button>
    <template v-if="phase === 'roasting'">
      <KeyButton :keys="['…']" :aria-expanded="others" @press="others = !others">other event</KeyButton>
      <KeyButton :keys="['P']" @press="emit('mark', 'pop')">lone pop</KeyButton>
      <span class="pair">
        <KeyButton :keys="['↓']" aria-label="Gas down" @press="emit('move', 'gas', -1)" />
        <KeyButton :keys="['↑']" aria-label="Gas up" @press="emit('move', 'gas', 1)">gas</KeyButton>
      </span>
      <span class="pair">
        <KeyButton :keys="['←']" aria-label="Air down" @press="emit('move', 'air', -1)" />
        <KeyButton :keys="['→']" aria-label="Air up" @press="emit('move', 'air', 1)">air</KeyButton>
      </span>
      <KeyButton :keys="['T']" @press="emit('pull')">pull {{ pullG }} g</KeyButton>
      <KeyButton :keys="['N']" @press="emit('note')">note</KeyButton>
    </template>
    <KeyButton v-if="phase === 'preparing'" :keys="['C']" @press="emit('mark', 'charge')">charge</KeyButton>
    <KeyButton :keys="['Z']" :disabled="!undoable" @press="emit('undo')">{{ undoText }}</KeyButton>
    <KeyButton v-if="phase !== 'roasting' || others" :keys="['M']" @press="emit('sound')"
      >sound {{ sound ? 'on' : 'off' }}</KeyButton
    >
    <span class="stay">
      Stay with the roaster. Fire in the drum: burner off, site fire plan. Barrowmist moves no valve.
    </span>
  </nav>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 4px;
  padding: 8px 12px;
  position: sticky;
  bottom: 8px;
  z-index: 2;
}
.primary {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 52px;
  padding: 4px 14px 4px 6px;
  border: 2px solid var(--moss);
  border-radius: 5px;
}
.primary kbd {
  font-size: 1.1rem;
  padding: 6px 18px;
  border: 1px solid var(--ink-2);
  border-radius: 4px;
}
.next-event {
  font-family: var(--serif);
  font-size: 1.5rem;
  font-weight: 600;
}
.next-event::first-letter {
  text-transform: uppercase;
}
.weighs {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  padding: 0 8px;
}
.weighs input {
  width: 56px;
  min-height: 44px;
  padding: 0 6px;
  border: 1px solid var(--line);
  border-radius: 4px;
}
.prompt {
  flex: 1 0 100%;
}
.pair {
  display: inline-flex;
}
.stay {
  flex: 1 1 150px;
  text-align: right;
  color: var(--ink-2);
  font-size: 0.8125rem;
  line-height: 1.3;
}
.others {
  flex: 1 0 100%;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 4px;
  padding-bottom: 6px;
  border-bottom: 1px solid var(--line);
}
</style>
