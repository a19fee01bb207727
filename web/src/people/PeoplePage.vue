<script setup lang="ts">
import { computed } from 'vue'
import { useWho } from '@/shared/who'
import OwnAccount from './OwnAccount.vue'
import PeopleCard from './PeopleCard.vue'
import ScriptsCard from './ScriptsCard.vue'
import SignIn from './SignIn.vue'
import TabletsCard from './TabletsCard.vue'

/** Who belongs to the lab, what its scripts may do, and how tablets come in. */
const who = useWho()
const open = computed(() => !!who.session && !who.session.accounts)
</script>

<template>
  <div class="page-head">
    <h1>People</h1>
    <span v-if="open" class="quiet"
      >nobody has an account: whoever sits at this computer may do everything</span
    >
  </div>
  <div class="people">
    <SignIn v-if="open" />
    <OwnAccount v-else-if="who.session?.name" />
    <TabletsCard />
    <PeopleCard v-if="who.lead" class="wide" />
    <ScriptsCard v-if="who.lead" class="wide" />
  </div>
</template>

<style scoped>
.people {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
  gap: 16px;
  align-items: start;
}
.people :deep(.way-in) {
  margin: 0;
}
.wide {
  grid-column: 1 / -1;
}
</style>
