<script setup lang="ts">
import { ref, watch } from 'vue'
import { answer, api, type Failure } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'

/** A few plain scales of the house's own, for the label. */
const kept = useLoad(() => answer(api.GET('/api/house-scales')))
const names = ref<string[]>([])
const added = ref('')
const failure = ref<Failure>()
watch(
  () => kept.data.value,
  (k) => (names.value = [...(k?.names ?? [])]),
)

async function keep(next: string[]) {
  const result = await answer(
    api.PUT('/api/house-scales', { body: { names: next, version: kept.data.value?.version } }),
  )
  failure.value = result.failure
  added.value = result.failure ? added.value : ''
  await kept.reload()
}
</script>

<template>
  <section class="card scales">
    <h2>Our own scales</h2>
    <p class="quiet">From 0 to 10, on every sheet beside the scores: what a bag’s label says.</p>
    <PageState
      :loading="kept.loading.value"
      :failure="kept.failure.value"
      :there="!!kept.data.value"
      @retry="kept.reload"
    >
      <p v-for="name in names" :key="name" class="scale">
        <b>{{ name }}</b>
        <v-btn variant="text" :aria-label="`Leave ${name} off`" @click="keep(names.filter((n) => n !== name))"
          >Leave it off</v-btn
        >
      </p>
      <form class="add" @submit.prevent="keep([...names, added.trim()])">
        <v-text-field v-model="added" label="Another scale, such as brightness" maxlength="30" hide-details />
        <v-btn type="submit" variant="outlined" :disabled="!added.trim()">Add</v-btn>
      </form>
      <p v-if="failure" class="ember" role="alert">{{ failure.problems[0]?.message ?? failure.message }}</p>
    </PageState>
  </section>
</template>

<style scoped>
.scales,
.scale,
.add {
  display: grid;
  gap: 10px;
}
.scale,
.add {
  grid-template-columns: 1fr auto;
  align-items: center;
}
</style>
