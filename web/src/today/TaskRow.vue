<script setup lang="ts">
/** One thing to do: its time or score, what it is, and the way there. */
defineProps<{ figure?: string; ember?: boolean; what: string; more: string; link: string; first: boolean }>()
</script>

<template>
  <li>
    <b class="at" :class="{ ember }">{{ figure }}</b>
    <span class="what"
      ><b>{{ what }}</b> <span class="quiet">{{ more }}</span></span
    >
    <v-btn
      :color="first ? 'primary' : undefined"
      :variant="first ? 'flat' : 'outlined'"
      :to="link"
      :aria-label="`Open: ${what}, ${more}`"
      >Open</v-btn
    >
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr) auto;
  align-items: center;
  gap: 14px;
  min-height: 52px;
  border-top: 1px solid var(--line);
}
.at {
  font-size: 1.15rem;
}
.what {
  overflow-wrap: anywhere;
}
.what > b {
  margin-right: 8px;
}
@media (max-width: 600px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
    padding: 6px 0;
  }
  .at {
    grid-column: 1 / -1;
  }
}
</style>
