<script setup lang="ts">
import { nextTick, ref } from 'vue'
import { useSortable } from '@vueuse/integrations/useSortable'
import DayRow from './DayRow.vue'
import { hourMinute, type DayContent, type Slot } from './day'

/** The roasts in their order, moved by dragging, by keys or by buttons; what was moved keeps the focus. */
const props = defineProps<{ rows: { item: DayContent['items'][number]; slot?: Slot }[] }>()
const emit = defineEmits<{
  move: [from: number, to: number]
  remove: [index: number]
  notBefore: [index: number, time: string]
}>()
const list = ref<HTMLElement>()
const drawn = () => list.value?.querySelectorAll<HTMLElement>('.row') ?? []

async function move(from: number, to: number) {
  if (to < 0 || to >= props.rows.length) {
    return
  }
  emit('move', from, to)
  await nextTick()
  drawn()[to]?.focus()
}
async function remove(index: number) {
  emit('remove', index)
  await nextTick()
  const rest = drawn()
  ;(rest[Math.min(index, rest.length - 1)] ?? document.getElementById('order-title'))?.focus()
}
function onKey(event: KeyboardEvent, index: number) {
  if (event.target !== event.currentTarget) {
    return
  }
  const to = { ArrowUp: index - 1, ArrowDown: index + 1, Home: 0, End: props.rows.length - 1 }[event.key]
  if (to !== undefined) {
    event.preventDefault()
    void move(index, to)
  }
}
// by mouse and by touch; a finger rests a moment first, so that the page can still be scrolled
useSortable(list, [], {
  watchElement: true,
  animation: 120,
  delay: 180,
  delayOnTouchOnly: true,
  filter: 'input, a, button',
  preventOnFilter: false,
  ghostClass: 'dragged',
  onUpdate: ({ item, from, oldIndex, newIndex }) => {
    // the list is drawn from its items: the row goes back, and they say where it belongs
    item.remove()
    from.insertBefore(item, from.children[oldIndex!] ?? null)
    void move(oldIndex!, newIndex!)
  },
})
</script>

<template>
  <ol ref="list">
    <li
      v-for="({ item, slot }, index) in rows"
      :key="item.planId"
      class="row"
      tabindex="0"
      :aria-label="`${index + 1}: ${slot?.lotName ?? 'new'}, charge at ${slot ? hourMinute(slot.chargeAt) : 'soon'}. Arrows move it.`"
      @keydown="onKey($event, index)"
    >
      <DayRow
        :slot-view="slot"
        :number="index + 1"
        :first="index === 0"
        :last="index === rows.length - 1"
        @earlier="move(index, index - 1)"
        @later="move(index, index + 1)"
        @remove="remove(index)"
        @not-before="emit('notBefore', index, $event)"
      />
    </li>
  </ol>
</template>

<style scoped>
ol {
  list-style: none;
  padding: 0;
}
.row {
  display: grid;
  grid-template-columns: 28px 110px 1fr auto 44px 44px 44px;
  gap: 6px;
  align-items: center;
  border-top: 1px solid var(--line);
  padding: 6px 0;
  min-height: 60px;
}
.dragged {
  opacity: 0.4;
}
@media (max-width: 900px) {
  .row {
    grid-template-columns: 104px 1fr 44px 44px 44px;
  }
}
@media (max-width: 560px) {
  .row {
    grid-template-columns: 1fr 44px 44px 44px;
  }
  /* beside the time, whatever else the row says below it */
  .row > :deep(.v-btn) {
    grid-row: 1;
  }
}
</style>
