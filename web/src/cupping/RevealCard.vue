<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { plural } from '@/shared/format/text'
import JoinedSeats from './JoinedSeats.vue'
import JoinNote from './JoinNote.vue'
import KeyPart from './KeyPart.vue'
import PlacesForm from './PlacesForm.vue'
import { useWho } from '@/shared/who'
import { useChanges } from './useChanges'
import { vFocus } from '@/shared/keyboard/vFocus'

/** How far everybody is, the key for who prepares, and the reveal. */
const props = defineProps<{
  table: Schemas['CuppingView']
  /** Somebody is to taste at this screen: the key is put away. */
  tasting?: boolean
}>()
const emit = defineEmits<{ changed: [] }>()
const who = useWho()
const asking = ref(false)
const reason = ref('')
const failure = ref<Failure>()
// others score on their own tablets
useChanges(
  `/api/cuppings/${props.table.id}/stream`,
  () => emit('changed'),
  () => !!props.table.revealedAt,
)

const path = computed(() => ({ params: { path: { id: props.table.id } } }))
const cuppers = computed(() => {
  const seats = [...new Set(props.table.progress.map((p) => p.cupper))]
  return seats.map((name) => ({
    name,
    finished: props.table.progress.filter((p) => p.cupper === name && p.unscored === 0).length,
  }))
})
const unfinished = computed(() => props.table.unfinished)
const triangle = computed(() => props.table.kind === 'triangle')
/** A table is revealed once its cups, where they were shuffled by hand, are turned over. */
const turning = computed(() => asking.value && props.table.unmatched)
async function reveal() {
  const result = await answer(
    api.POST('/api/cuppings/{id}/reveal', { ...path.value, body: { reason: reason.value } }),
  )
  failure.value = result.failure
  if (result.data) {
    asking.value = false
    emit('changed')
  }
}
</script>

<template>
  <section class="card head" aria-labelledby="head-title">
    <h2 id="head-title">The table</h2>
    <JoinNote v-if="table.joinCode" :code="table.joinCode" />
    <JoinedSeats
      v-if="table.joined.length"
      :table="table.id"
      :joined="table.joined"
      @changed="emit('changed')"
    />
    <p v-if="triangle">
      {{ table.sets.length - unfinished }} of {{ plural(table.sets.length, 'set') }} answered
    </p>
    <p v-else-if="table.kind === 'roast-off'">
      {{ table.ranked.length ? `Ranked by ${table.ranked.join(', ')}` : 'Nobody has ranked them yet.' }}
    </p>
    <p v-else-if="cuppers.length === 0" class="quiet">Nobody sits at it yet.</p>
    <ul v-else>
      <li v-for="c in cuppers" :key="c.name">
        <b>{{ c.name }}</b> {{ c.finished }} of {{ table.samples.length }} scored
      </li>
    </ul>
    <PlacesForm v-if="turning" :table="table" @matched="emit('changed')" @left="asking = false" />
    <form v-else-if="asking" class="ask" @submit.prevent="reveal">
      <p>
        {{
          unfinished
            ? `${table.missing}. Say why the table is revealed all the same:`
            : 'Everybody has finished. After the reveal what was given stands as it is.'
        }}
      </p>
      <v-text-field v-if="unfinished" v-model="reason" v-focus label="Why now" maxlength="400" hide-details />
      <v-btn type="submit" color="primary" :disabled="unfinished > 0 && !reason.trim()"
        >Reveal the table</v-btn
      >
      <v-btn variant="text" @click="asking = false">Not yet</v-btn>
    </form>
    <div v-else class="ask">
      <v-btn v-if="who.leads" variant="outlined" @click="asking = true">Reveal…</v-btn>
      <v-btn variant="text" :to="`/cupping/${table.id}/wall`">Wall screen</v-btn>
      <v-btn v-if="table.form" variant="text" :href="`/api/cuppings/${table.id}/forms.pdf`" target="_blank"
        >Forms to print</v-btn
      >
    </div>
    <KeyPart v-if="!asking" :table="table" :tasting="tasting" @changed="emit('changed')" />
    <p v-if="failure" class="ember" role="alert">{{ failure.problems[0]?.message ?? failure.message }}</p>
  </section>
</template>

<style scoped>
.head {
  display: grid;
  gap: 10px;
  margin-top: 16px;
}
.head ul {
  list-style: none;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 28px;
}
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
}
.ask .v-text-field {
  min-width: 280px;
}
</style>
