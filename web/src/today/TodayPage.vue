<script setup lang="ts">
import { computed } from 'vue'
import PageState from '@/shared/components/PageState.vue'
import { STATIONS } from '@/shared/components/stations'
import { plural } from '@/shared/format/text'
import { useWaiting } from '@/shared/waiting'

const waiting = useWaiting()
const tasks = computed(() => waiting.today?.tasks ?? [])
const first = computed(() => tasks.value[0])
const label = (word: string) => STATIONS.find((s) => s.word === word)?.label ?? word
const today = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long' }).format(
  new Date(),
)
</script>

<template>
  <div class="page-head">
    <h1>Today</h1>
    <span class="quiet">
      {{ today }}<template v-if="tasks.length"> · {{ plural(tasks.length, 'thing') }} to do</template>
    </span>
    <span class="spacer" />
    <v-btn variant="outlined" to="/roast/import">Import a roast log</v-btn>
    <v-btn variant="outlined" to="/green?new=1">New lot</v-btn>
  </div>
  <PageState
    :loading="!waiting.today"
    :failure="waiting.failure"
    :there="!!waiting.today"
    :empty="tasks.length === 0"
    @retry="waiting.refresh"
  >
    <template #empty>
      <h2>Nothing waits</h2>
      <p class="my-3">
        Begin with a green lot: enter what came, import the log of its sample roast, cup it, and read what the
        cup traces back to.
      </p>
      <v-btn color="primary" to="/green?new=1">Enter a lot</v-btn>
    </template>
    <ol class="tasks">
      <li v-for="task in tasks" :key="task.link + task.title" class="card" :class="{ next: task === first }">
        <span class="label">{{ label(task.station) }}</span>
        <div>
          <h2>{{ task.title }}</h2>
          <p class="quiet">{{ task.detail }}</p>
        </div>
        <v-btn
          :color="task === first ? 'primary' : undefined"
          :variant="task === first ? 'flat' : 'outlined'"
          :to="task.link"
          :aria-label="`Open: ${task.title}, ${task.detail}`"
          >Open</v-btn
        >
      </li>
    </ol>
  </PageState>
</template>

<style scoped>
.tasks {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 8px;
}
.tasks li {
  display: grid;
  grid-template-columns: 90px 1fr auto;
  align-items: center;
  gap: 12px;
  padding: 12px 20px;
}
.next {
  border-left: 4px solid var(--moss);
}
@media (max-width: 600px) {
  .tasks li {
    grid-template-columns: 1fr auto;
  }
  .tasks .label {
    grid-column: 1 / -1;
  }
}
</style>
