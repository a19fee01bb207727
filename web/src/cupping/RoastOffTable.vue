<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Failure } from '@/shared/api/client'
import PageState from '@/shared/components/PageState.vue'
import { moment, plural } from '@/shared/format/text'
import PreferenceCard from './PreferenceCard.vue'
import RevealCard from './RevealCard.vue'
import TakeSeat from './TakeSeat.vue'
import { useBlindTable } from './useBlindTable'

/** A roast-off: everybody puts the samples in order, the best first. */
const props = defineProps<{ id: number }>()
const { table, roasts, cupper, seated, me, told, over, names } = useBlindTable(props.id)
const order = ref<string[]>([])
const kept = ref(false)
const sending = ref(false)
const failure = ref<Failure>()
const codes = computed(() => (table.data.value?.samples ?? []).map((s) => s.code))
const left = computed(() => codes.value.filter((c) => !order.value.includes(c)))
const label = (code: string) => (told.value ? names.value[code] : code)

function sitDown() {
  seated.value = true
  order.value = []
  kept.value = false
}
async function keep() {
  if (sending.value || left.value.length) {
    return
  }
  sending.value = true
  const result = await answer(
    api.POST('/api/cuppings/{id}/rankings', {
      params: { path: { id: props.id } },
      body: { cupper: me.value, order: order.value },
    }),
  )
  sending.value = false
  failure.value = result.failure
  kept.value = !!result.data
  await table.reload()
}
function put(code: string) {
  order.value.push(code)
  kept.value = false
}
function takeBack(code: string) {
  order.value = order.value.filter((c) => c !== code)
  kept.value = false
}
/** The next person at this device. */
function nextPerson() {
  cupper.value = ''
  seated.value = false
}
</script>

<template>
  <PageState
    :loading="table.loading.value"
    :failure="table.failure.value ?? roasts.failure.value"
    :there="!!table.data.value && !!roasts.data.value"
    @retry="(table.reload(), roasts.reload())"
  >
    <template v-if="table.data.value">
      <div class="page-head">
        <h1>Roast-off</h1>
        <span class="quiet">
          {{ moment(table.data.value.cuppedAt) }} · {{ plural(codes.length, 'sample') }} ·
          {{ plural(table.data.value.ranked.length, 'order') }} kept<template v-if="over">
            · revealed</template
          ><template v-else-if="seated"> · {{ cupper }}</template>
        </span>
      </div>
      <TakeSeat
        v-if="!over && !seated"
        v-model="cupper"
        question="Who ranks them?"
        action="Sit down"
        @seated="sitDown"
      />
      <section v-if="seated && !over" class="card rank" aria-labelledby="rank-title">
        <h2 id="rank-title">
          {{ left.length ? 'Touch the best of those that are left' : 'Is this your order?' }}
        </h2>
        <div v-if="left.length" class="left" role="group" aria-label="Not yet in order">
          <v-btn v-for="c in left" :key="c" variant="outlined" @click="put(c)">{{ label(c) }}</v-btn>
        </div>
        <ol v-if="order.length" class="order">
          <li v-for="(c, i) in order" :key="c">
            <span
              ><b>{{ i + 1 }}</b> {{ label(c) }}</span
            >
            <v-btn variant="text" :aria-label="`Take ${label(c)} out of the order`" @click="takeBack(c)"
              >take back</v-btn
            >
          </li>
        </ol>
        <p v-if="failure" class="ember" role="alert">
          {{ failure.problems[0]?.message ?? failure.message }}
        </p>
        <div class="row">
          <v-btn v-if="!kept" color="primary" :disabled="left.length > 0" :loading="sending" @click="keep">{{
            left.length ? `${left.length} to go` : 'Keep my order'
          }}</v-btn>
          <template v-else>
            <span role="status">Kept. Thank you, {{ cupper }}.</span>
            <v-btn variant="outlined" @click="nextPerson">Next person</v-btn>
          </template>
        </div>
      </section>
      <PreferenceCard
        v-if="told && table.data.value.ranked.length"
        :id="id"
        :key="`${table.data.value.ranked.length} ${told}`"
        :names="names"
        :reason="table.data.value.revealReason"
      />
      <RevealCard v-if="!told" :table="table.data.value" :tasting="seated" @changed="table.reload()" />
    </template>
  </PageState>
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
.order {
  list-style: none;
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
