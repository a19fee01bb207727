<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'

/** How the roaster is heard, and whether this screen is heard by the server. */
const props = defineProps<{
  link: Schemas['LinkView']
  machineName: string
  heard: boolean
  waiting: number
}>()

const trouble = computed(() => {
  if (!props.heard) {
    return props.waiting > 0
      ? `This screen does not reach the server. The roast is logged on; ${props.waiting} key${props.waiting > 1 ? 's wait' : ' waits'} here.`
      : 'This screen does not reach the server. The roast is logged on; keys are kept here until it answers.'
  }
  return (
    props.link.disk ?? (props.link.status === 'ok' || props.link.status === 'by-hand' ? '' : props.link.text)
  )
})
const quiet = computed(() =>
  props.link.status === 'by-hand'
    ? 'read by hand, kept'
    : `${props.link.kept} readings kept${props.link.gaps ? `, ${props.link.gaps} gap${props.link.gaps > 1 ? 's' : ''}` : ''}${props.link.refused ? `, ${props.link.refused} implausible dropped` : ''}`,
)
</script>

<template>
  <span class="link-note" :class="{ trouble }">
    <span class="quiet">{{ machineName }} · {{ quiet }}</span>
    <span class="dot" aria-hidden="true"></span>
    <b v-if="trouble" role="alert">{{ trouble }}</b>
  </span>
</template>

<style scoped>
.link-note {
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  align-items: center;
  gap: 2px 8px;
}
.dot {
  width: 12px;
  height: 12px;
  border-radius: 50%;
  background: var(--moss);
}
.trouble .dot {
  background: none;
  border: 3px solid var(--ember);
}
b {
  flex-basis: 100%;
  text-align: right;
  color: var(--ember);
}
</style>
