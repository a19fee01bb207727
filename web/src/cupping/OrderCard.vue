<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { same } from '@/shared/kept/draft'
import { useDraft } from '@/shared/kept/useDraft'
import { wordsOf } from '@/shared/format/words'

const PARTIES = wordsOf('RankingEntityParty')
/** Samples in an order, the best first, by touching one after the other. */
const props = defineProps<{
  id: number
  codes: string[]
  cupper: string
  /** What stands under a code, where that may be told. */
  names?: Record<string, string>
  /** An order that was kept before. */
  before?: string[]
  /** All in order, or the best alone. */
  choice?: 'order' | 'best'
  /** With whom this person came, as kept before. */
  partyBefore?: string
}>()
const emit = defineEmits<{ kept: [] }>()
/** An order that is not complete yet is found again by this cupper after a reload. */
const draft = ref({
  order: [...(props.before ?? [])],
  party: props.partyBefore as Schemas['RankingEntry']['party'],
})
useDraft(`order.${props.id}.${props.cupper}`, draft)
// what was begun for other codes is of no use
const order = computed(() => draft.value.order.filter((c) => props.codes.includes(c)))
const best = computed(() => props.choice === 'best')
/** What the server has. */
const atServer = ref({ order: props.before, party: props.partyBefore })
const kept = computed(
  () => same(order.value, atServer.value.order) && draft.value.party === atServer.value.party,
)
const sending = ref(false)
const failure = ref<Failure>()
const others = computed(() => props.codes.filter((c) => !order.value.includes(c)))
/** What is still to be put in order; of the best alone nothing, once there is one. */
const left = computed(() => (best.value && order.value.length ? [] : others.value))
const label = (code: string) => props.names?.[code] ?? code

async function keep() {
  if (sending.value || left.value.length) {
    return
  }
  sending.value = true
  const result = await answer(
    api.POST('/api/cuppings/{id}/rankings', {
      params: { path: { id: props.id } },
      body: { cupper: props.cupper, order: order.value, party: draft.value.party },
    }),
  )
  sending.value = false
  failure.value = result.failure
  if (result.data) {
    atServer.value = { order: result.data.order, party: result.data.party }
  }
  emit('kept')
}
const put = (code: string) => (draft.value.order = [...order.value, code])
const takeBack = (code: string) => (draft.value.order = order.value.filter((c) => c !== code))
</script>

<template>
  <section class="card rank" aria-labelledby="rank-title">
    <h2 id="rank-title">
      {{
        best
          ? left.length
            ? 'Touch the one you like best'
            : 'This one?'
          : left.length
            ? 'Touch the best of those that are left'
            : 'Is this your order?'
      }}
    </h2>
    <div v-if="left.length" class="left" role="group" aria-label="Not yet in order">
      <v-btn v-for="c in left" :key="c" variant="outlined" @click="put(c)">{{ label(c) }}</v-btn>
    </div>
    <ol v-if="order.length" class="order">
      <li v-for="(c, i) in order" :key="c">
        <span
          ><b v-if="!best">{{ i + 1 }}</b> {{ label(c) }}</span
        >
        <v-btn variant="text" :aria-label="`Take ${label(c)} out of the order`" @click="takeBack(c)"
          >take back</v-btn
        >
      </li>
    </ol>
    <div class="party" role="group" aria-label="With whom you came">
      <span class="quiet">You are</span>
      <v-btn
        v-for="p in PARTIES"
        :key="p.value"
        :variant="draft.party === p.value ? 'flat' : 'outlined'"
        :color="draft.party === p.value ? 'primary' : undefined"
        :aria-pressed="draft.party === p.value"
        @click="draft.party = draft.party === p.value ? undefined : p.value"
        >{{ p.title }}</v-btn
      >
    </div>
    <p v-if="failure" class="ember" role="alert">
      {{ failure.problems[0]?.message ?? failure.message }}
    </p>
    <div class="row">
      <v-btn v-if="!kept" color="primary" :disabled="left.length > 0" :loading="sending" @click="keep">{{
        best
          ? left.length
            ? 'Choose one'
            : 'Keep my vote'
          : left.length
            ? `${left.length} to go`
            : 'Keep my order'
      }}</v-btn>
      <template v-else>
        <span role="status">Kept. Thank you, {{ cupper }}.</span>
        <slot />
      </template>
    </div>
  </section>
</template>

<style scoped>
.rank {
  display: grid;
  gap: 14px;
}
.left {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
.left .v-btn {
  min-height: 64px;
  min-width: 96px;
  font-size: 1.25rem;
}
.party {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.party .v-btn {
  min-height: 56px;
}
.order {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 4px;
  max-width: 460px;
}
.order li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 48px;
  border-bottom: 1px solid var(--line);
}
.order b {
  display: inline-block;
  min-width: 28px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
  align-items: center;
}
</style>
