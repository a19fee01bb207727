<script setup lang="ts">
import { computed } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'

/** The old beside the new: a later roast of the same lot, blind, as a triangle or scored again. */
const props = defineProps<{ roast: Schemas['RoastView'] }>()
const roasts = useLoad(() => answer(api.GET('/api/roasts')))
const later = computed(() =>
  (roasts.data.value ?? []).filter(
    (r) => r.lotId === props.roast.lotId && r.id !== props.roast.id && r.roastedAt > props.roast.roastedAt,
  ),
)
const table = (r: Schemas['RoastView'], kind: string) =>
  `/cupping?roast=${props.roast.id}&roast=${r.id}&kind=${kind}&blind=coded`
</script>

<template>
  <ul v-if="later.length" class="later">
    <li v-for="r in later" :key="r.id">
      Beside roast {{ r.number }}, blind:
      <router-link class="plain" :to="table(r, 'triangle')">is there a difference?</router-link>
      <router-link class="plain" :to="table(r, 'scoring')">score both</router-link>
    </li>
  </ul>
</template>

<style scoped>
.later {
  list-style: none;
  padding: 0;
}
.later li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
  min-height: 44px;
}
</style>
