<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { useDraft } from '@/shared/kept/useDraft'
import SideQuestions from './SideQuestions.vue'
import { useKeys } from '@/shared/keyboard/useKeys'

/** Sets of three cups, one after the other: which is not like the others? */
const props = defineProps<{ id: number; sets: Schemas['SetView'][]; cupper: string }>()
const emit = defineEmits<{ changed: [] }>()
const answered = computed(() => props.sets.filter((s) => s.answered).length)
/** A choice that is not sent yet; found again by this cupper after a reload. */
type Side = Schemas['AnswerEntry']['sweeter']
const choice = ref<{ set?: number; odd?: number; what: string; sweeter?: Side; preferred?: Side }>({
  what: '',
})
useDraft(`choice.${props.id}.${props.cupper}`, choice)
const failure = ref<Failure>()
const sending = ref(false)
const set = computed(() => props.sets.find((s) => s.set === choice.value.set))
const free = (s: Schemas['SetView']) => !s.answered || s.cupper === props.cupper

function take(number: number | undefined) {
  choice.value = { set: number, what: '' }
  failure.value = undefined
}
/** The next that nobody has answered, behind the one in hand and then from the front. */
function next() {
  const inHand = choice.value.set ?? 0
  const waiting = props.sets.filter((s) => !s.answered && s.set !== inHand)
  take((waiting.find((s) => s.set > inHand) ?? waiting[0])?.set)
}
if (!set.value || set.value.answered) {
  next()
}

async function keep() {
  const { set: number, odd, what, sweeter, preferred } = choice.value
  if (sending.value || odd === undefined || number === undefined) {
    return
  }
  sending.value = true
  const result = await answer(
    api.POST('/api/cuppings/{id}/answers', {
      params: { path: { id: props.id } },
      body: { cupper: props.cupper, set: number, odd, what, sweeter, preferred },
    }),
  )
  sending.value = false
  failure.value = result.failure
  if (result.data) {
    next()
  }
  emit('changed')
}
useKeys([
  ...[1, 2, 3].map((cup) => ({
    key: String(cup),
    does: `cup ${cup} is the odd one`,
    run: () => {
      choice.value.odd = set.value ? cup : undefined
    },
  })),
  { key: 'Enter', does: 'answer with the cup that is chosen', run: () => void keep() },
])
</script>

<template>
  <section class="card taste" aria-labelledby="set-title">
    <nav class="sets" aria-label="Sets">
      <v-btn
        v-for="s in sets"
        :key="s.set"
        :variant="s.set === choice.set ? 'flat' : 'outlined'"
        :color="s.set === choice.set ? 'primary' : undefined"
        :disabled="!free(s)"
        :aria-pressed="s.set === choice.set"
        :aria-label="`Set ${s.set}${s.answered ? `, answered by ${s.cupper}` : ''}`"
        @click="take(s.set)"
        >{{ s.set }}<span v-if="s.answered">✓</span></v-btn
      >
    </nav>
    <template v-if="set">
      <h2 id="set-title">Set {{ set.set }}: which cup is not like the other two?</h2>
      <p class="quiet">
        Taste from left to right, as often as you like. Guess when you taste no difference: every set wants an
        answer.
      </p>
      <div class="cups" role="group" aria-label="The odd cup">
        <button
          v-for="cup in 3"
          :key="cup"
          type="button"
          class="cup"
          :aria-pressed="choice.odd === cup"
          @click="choice.odd = cup"
        >
          <span class="quiet">set {{ set.set }}, cup</span><b>{{ cup }}</b>
        </button>
      </div>
      <v-text-field
        v-model="choice.what"
        label="What differs, if you can say it"
        maxlength="400"
        hide-details
        autocomplete="off"
        @keydown.enter.prevent="keep"
      />
      <SideQuestions
        v-if="choice.odd"
        v-model:sweeter="choice.sweeter"
        v-model:preferred="choice.preferred"
      />
      <p v-if="failure" class="ember" role="alert">
        {{ failure.problems[0]?.message ?? failure.message }}
      </p>
      <v-btn color="primary" :disabled="choice.odd === undefined" :loading="sending" @click="keep">{{
        choice.odd === undefined ? 'Choose a cup' : `Cup ${choice.odd} is the odd one`
      }}</v-btn>
    </template>
    <h2 v-else id="set-title">
      {{ sets.length && answered === sets.length ? 'Every set is answered.' : 'Choose a set.' }}
    </h2>
  </section>
</template>

<style scoped>
.taste {
  display: grid;
  gap: 14px;
}
.taste > .v-btn {
  justify-self: start;
  min-height: 56px;
}
.sets {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.sets .v-btn {
  min-width: 56px;
}
.cups {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 12px;
  max-width: 620px;
}
.cup {
  display: grid;
  gap: 2px;
  justify-items: center;
  align-content: center;
  min-height: 132px;
  border: 2px solid var(--ink-2);
  border-radius: 6px 6px 44px 44px;
  background: var(--card);
  color: var(--ink);
}
.cup b {
  font-size: 2rem;
}
.cup[aria-pressed='true'] {
  border-color: var(--cup);
  box-shadow: inset 0 -10px 0 var(--cup);
}
</style>
