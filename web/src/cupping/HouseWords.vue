<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { choicesOf } from '@/shared/format/words'
import { plural } from '@/shared/format/text'

/** Words that cuppers wrote, for the lead to take in: as another name of a word that is there, or as one of its own. */
type Group = NonNullable<Schemas['WordEntry']['group']>
const candidates = useLoad(() => answer(api.GET('/api/vocabulary/candidates')))
const vocabulary = useLoad(() => answer(api.GET('/api/vocabulary')))
const taking = ref<string>()
const sameAs = ref<string>()
const group = ref<Group>()
const failure = ref<Failure>()
const GROUPS = choicesOf('WordGroup')
const own = computed(() => (vocabulary.data.value ?? []).filter((w) => w.own))
const words = computed(() => (vocabulary.data.value ?? []).filter((w) => !w.own).map((w) => w.word))

async function after(result: { failure?: Failure }) {
  failure.value = result.failure
  taking.value = result.failure ? taking.value : undefined
  await Promise.all([candidates.reload(), vocabulary.reload()])
}
const take = async () =>
  after(
    await answer(
      api.POST('/api/vocabulary', {
        body: { word: taking.value, sameAs: sameAs.value ?? undefined, group: group.value },
      }),
    ),
  )
const giveBack = async (word: string) =>
  after(await answer(api.DELETE('/api/vocabulary/{word}', { params: { path: { word } } })))
function begin(word: string) {
  taking.value = word
  sameAs.value = group.value = undefined
}
</script>

<template>
  <section class="card words">
    <h2>Words that cuppers wrote</h2>
    <PageState
      :loading="candidates.loading.value"
      :failure="candidates.failure.value ?? vocabulary.failure.value"
      :there="!!candidates.data.value && !!vocabulary.data.value"
      @retry="(candidates.reload(), vocabulary.reload())"
    >
      <p v-if="!candidates.data.value?.length" class="quiet">
        None waits. On a sheet any word may be written; here it is taken into the vocabulary.
      </p>
      <div v-for="c in candidates.data.value" :key="c.word" class="word">
        <b>{{ c.word }}</b> <span class="quiet">on {{ plural(c.times, 'sheet') }}</span>
        <v-btn v-if="taking !== c.word" variant="outlined" @click="begin(c.word)">Take it in…</v-btn>
        <form v-else class="taking" @submit.prevent="take">
          <v-autocomplete
            v-model="sameAs"
            :items="words"
            label="Means the same as"
            clearable
            hide-details
            :disabled="!!group"
          />
          <v-select
            v-model="group"
            :items="GROUPS"
            label="or is a word of its own, among"
            clearable
            hide-details
            :disabled="!!sameAs"
          />
          <p class="quiet">
            {{
              sameAs
                ? `The trace reads it as “${sameAs}”, on earlier sheets too.`
                : 'A word of its own is found and counted; no cause is read from it.'
            }}
          </p>
          <v-btn type="submit" color="primary" :disabled="!sameAs && !group">Take it in</v-btn>
        </form>
      </div>
      <template v-if="own.length">
        <h3>Of the house</h3>
        <p v-for="w in own" :key="w.word" class="word">
          <b>{{ w.word }}</b> <span class="quiet">{{ w.group }}</span>
          <v-btn variant="text" :aria-label="`Give ${w.word} back`" @click="giveBack(w.word)"
            >Give it back</v-btn
          >
        </p>
      </template>
      <p v-if="failure" class="ember" role="alert">{{ failure.problems[0]?.message ?? failure.message }}</p>
    </PageState>
  </section>
</template>

<style scoped>
.words,
.taking {
  display: grid;
  gap: 12px;
}
.word {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 12px;
  align-items: center;
}
.taking {
  grid-column: 1 / -1;
}
</style>
