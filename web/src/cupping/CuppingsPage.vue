<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api, type Failure } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { moment, plural, roastName } from '@/shared/format/text'

/** Roasts that wait for the table, and the cuppings that were. */
const route = useRoute()
const router = useRouter()
const roasts = useLoad(() => answer(api.GET('/api/roasts')))
const cuppings = useLoad(() => answer(api.GET('/api/cuppings')))
const chosen = ref<number[]>([route.query.roast ?? []].flat().map(Number).filter(Number.isInteger))
const cups = ref(5)
const opening = ref(false)
const failure = ref<Failure>()

const name = (roastId: number) => {
  const r = roasts.data.value?.find((o) => o.id === roastId)
  return r ? roastName(r) : `roast ${roastId}`
}
const waiting = computed(() => {
  const sheeted = new Set((cuppings.data.value ?? []).flatMap((c) => c.sheets.map((s) => s.roastId)))
  return (roasts.data.value ?? []).filter((r) => !sheeted.has(r.id) || chosen.value.includes(r.id))
})

async function open() {
  if (opening.value) {
    return
  }
  opening.value = true
  const result = await answer(
    api.POST('/api/cuppings', { body: { roastIds: chosen.value, cups: cups.value } }),
  )
  failure.value = result.failure
  opening.value = false
  if (result.data) {
    await router.push(`/cupping/${result.data.id}`)
  }
}
</script>

<template>
  <div class="page-head">
    <h1>Cupping</h1>
    <span class="quiet">choose the samples for the table, or open an earlier one</span>
  </div>
  <PageState
    :loading="cuppings.loading.value"
    :failure="roasts.failure.value ?? cuppings.failure.value ?? failure"
    :there="!!cuppings.data.value && !!roasts.data.value"
    @retry="(roasts.reload(), cuppings.reload())"
  >
    <form class="card table" @submit.prevent="open">
      <h2>Set a table</h2>
      <p v-if="waiting.length === 0" class="quiet">
        Every roast has been cupped. Open one of them from its page to cup it again.
      </p>
      <v-checkbox
        v-for="r in waiting"
        :key="r.id"
        v-model="chosen"
        :value="r.id"
        hide-details
        density="comfortable"
        :label="`${roastName(r)}, ${r.process}, roasted ${moment(r.roastedAt)}`"
      />
      <div class="row">
        <v-select v-model="cups" :items="[1, 3, 5]" label="Cups a sample" class="cups" />
        <v-btn type="submit" color="primary" :disabled="chosen.length === 0" :loading="opening">
          {{ chosen.length ? `Begin with ${plural(chosen.length, 'sample')}` : 'Choose a sample' }}
        </v-btn>
      </div>
    </form>
    <h2 class="mt-6 mb-2">Earlier</h2>
    <p v-if="cuppings.data.value?.length === 0" class="quiet">None yet.</p>
    <div v-else class="card table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>Cupped</th>
            <th>Samples</th>
            <th class="num">Cups</th>
            <th class="num">Score</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="c in cuppings.data.value" :key="c.id">
            <td>{{ moment(c.cuppedAt) }}</td>
            <td>
              <router-link :to="`/cupping/${c.id}`">{{
                c.roastIds.map(name).join('; ') || 'no sample'
              }}</router-link>
            </td>
            <td class="num">{{ c.cups }}</td>
            <td class="num">
              {{ c.sheets.map((s) => s.finalScore?.toFixed(2) ?? 'half filled').join(', ') || 'not begun' }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </PageState>
</template>

<style scoped>
.row {
  display: flex;
  gap: 14px;
  align-items: center;
  margin-top: 12px;
}
.cups {
  max-width: 160px;
}
</style>
