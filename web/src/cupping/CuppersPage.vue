<script setup lang="ts">
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { plural } from '@/shared/format/text'

/** Who has sat at tables. */
const cuppers = useLoad(() => answer(api.GET('/api/cuppers')))
</script>

<template>
  <div class="page-head">
    <h1>Cuppers</h1>
    <span class="quiet">each history is its cupper’s own, and the lead’s</span>
  </div>
  <PageState
    :loading="cuppers.loading.value"
    :failure="cuppers.failure.value"
    :there="!!cuppers.data.value"
    @retry="cuppers.reload()"
  >
    <p v-if="cuppers.data.value?.length === 0" class="quiet">
      Nobody yet: a table counts from its reveal on.
    </p>
    <ul v-else class="card who">
      <li v-for="c in cuppers.data.value" :key="c.name">
        <router-link :to="`/cupping/cuppers/${encodeURIComponent(c.name)}`">{{ c.name }}</router-link>
        <span class="quiet">{{ plural(c.tables, 'table') }}</span>
      </li>
    </ul>
  </PageState>
</template>

<style scoped>
.who {
  list-style: none;
}
.who li {
  display: flex;
  gap: 16px;
  align-items: center;
  min-height: 48px;
  border-bottom: 1px solid var(--line);
}
</style>
