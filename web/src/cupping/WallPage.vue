<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { plural } from '@/shared/format/text'
import ClockCard from './ClockCard.vue'
import JoinNote from './JoinNote.vue'
import { useChanges } from './useChanges'

/** A blind table for the wall: the clock, who is where, who has finished; no score before the reveal. */
const id = Number(useRoute().params.id)
const table = useLoad(() => answer(api.GET('/api/cuppings/{id}', { params: { path: { id } } })))
const c = computed(() => table.data.value)
useChanges(`/api/cuppings/${id}/stream`, table.reload, () => !!c.value?.revealedAt)

const codes = computed(() => (c.value?.samples ?? []).map((s) => s.code))
/** Each cupper with how far every sample is: not begun, begun, scored. */
const cuppers = computed(() => {
  const progress = c.value?.progress ?? []
  const names = [...new Set([...(c.value?.joined ?? []), ...progress.map((p) => p.cupper)])]
  return names.map((name) => {
    const states = codes.value.map((code) => {
      const sheet = progress.find((p) => p.cupper === name && p.code === code)
      return { code, state: !sheet?.written ? 'waits' : sheet.unscored ? 'begun' : 'scored' }
    })
    const left = states.filter((s) => s.state !== 'scored').length
    const at = states.filter((s) => s.state === 'begun').map((s) => s.code)
    const begun = left < states.length ? `${states.length - left} of ${states.length} scored` : 'not begun'
    return { name, states, says: left === 0 ? 'finished' : at.length ? `at ${at.join(', ')}` : begun }
  })
})
const everybody = computed(() => (c.value && c.value.unfinished === 0 ? 'Everybody has finished.' : ''))
</script>

<template>
  <PageState
    :loading="table.loading.value"
    :failure="table.failure.value"
    :there="!!c"
    @retry="table.reload()"
  >
    <div v-if="c" class="wall">
      <ClockCard v-if="!c.revealedAt" :id="id" :names="{}" />
      <p v-if="c.told" class="said">
        This table is revealed. <router-link :to="`/cupping/${id}`">What it showed</router-link>
      </p>
      <section v-else class="card" aria-label="Who is where">
        <p v-if="everybody" class="said" role="status">{{ everybody }}</p>
        <template v-if="c.form">
          <p v-if="cuppers.length === 0" class="quiet">Nobody sits at it yet.</p>
          <ul v-else class="cuppers">
            <li v-for="p in cuppers" :key="p.name">
              <b>{{ p.name }}</b>
              <span class="states" role="img" :aria-label="`${p.name}: ${p.says}`">
                <i v-for="s in p.states" :key="s.code" :class="s.state" />
              </span>
              <span>{{ p.says }}</span>
            </li>
          </ul>
        </template>
        <p v-else-if="c.kind === 'triangle'" class="said">
          {{ c.sets.length - c.unfinished }} of {{ plural(c.sets.length, 'set') }} answered
        </p>
        <p v-else class="said">
          {{ c.ranked.length ? `Ranked by ${c.ranked.join(', ')}` : 'Nobody has ranked them yet.' }}
        </p>
        <JoinNote v-if="c.joinCode" :code="c.joinCode" />
      </section>
    </div>
  </PageState>
</template>

<style scoped>
.wall {
  font-size: 1.35rem;
}
.wall :deep(.time) {
  font-size: 5rem;
}
.wall :deep(.say) {
  font-size: 2.4rem;
}
.said {
  font-weight: 600;
}
.cuppers {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 10px;
  margin-bottom: 18px;
}
.cuppers li {
  display: grid;
  grid-template-columns: minmax(140px, 260px) minmax(100px, 1fr) minmax(120px, 260px);
  gap: 18px;
  align-items: center;
}
.states {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.states i {
  width: 22px;
  height: 22px;
  border: 2px solid var(--cup);
  border-radius: 50%;
}
.states .begun {
  background: linear-gradient(to top, var(--cup) 50%, transparent 50%);
}
.states .scored {
  background: var(--cup);
}
.states .waits {
  border-color: var(--line);
}
</style>
