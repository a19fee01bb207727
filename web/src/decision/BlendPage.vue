<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { useSend } from '@/shared/api/useSend'
import PageState from '@/shared/components/PageState.vue'
import { plural } from '@/shared/format/text'
import { useGoOn } from '@/shared/useGoOn'
import BlendForm from './BlendForm.vue'
import BlendSuggested from './BlendSuggested.vue'
import BlendTrials from './BlendTrials.vue'

/** Blends: what their parts suggest, whether they are roasted together, how much green they take, and what the trial showed. */
const params = useRoute().params
const goOn = useGoOn()
const id = params.id ? Number(params.id) : undefined
const lots = useLoad(() => answer(api.GET('/api/lots')))
const kept = useLoad(() => answer(api.GET('/api/blends')))
const blend = useLoad<Schemas['BlendPage'] | undefined>(() =>
  id === undefined
    ? Promise.resolve({ data: undefined })
    : answer(api.GET('/api/blends/{id}', { params: { path: { id } } })),
)
const thought = ref<Schemas['BlendSuggested']>()
const shown = computed(() => thought.value ?? blend.data.value?.suggested)
const parts = ref<Schemas['BlendPart'][]>([])

function think(view: Schemas['BlendSuggested'], of: Schemas['BlendPart'][]) {
  thought.value = view
  parts.value = of
}

async function isKept(now: Schemas['BlendPage']) {
  thought.value = undefined
  if (now.id === id) {
    await Promise.all([blend.reload(), kept.reload()])
  } else {
    await goOn(`/decision/blend/${now.id}`)
  }
}

/** The first press asks, the second removes. */
const removing = ref(false)
const { failure, send } = useSend()
async function remove() {
  if (!removing.value) {
    removing.value = true
    return
  }
  const { taken } = await send(() => api.DELETE('/api/blends/{id}', { params: { path: { id: id! } } }))
  if (taken) {
    await goOn('/decision/blend')
  }
}
</script>

<template>
  <div class="page-head">
    <h1>{{ blend.data.value?.name ?? 'Blend' }}</h1>
    <span class="quiet">an estimate from its parts: only the cup of the trial tells</span>
    <span class="spacer" />
    <v-btn v-if="id" variant="text" @click="remove">{{
      removing ? 'Really remove it?' : 'Remove this blend'
    }}</v-btn>
    <v-btn v-if="id" variant="text" to="/decision/blend">Another blend</v-btn>
    <v-btn variant="text" to="/decision">To the decisions</v-btn>
  </div>
  <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
  <PageState
    :loading="lots.loading.value || blend.loading.value"
    :failure="lots.failure.value ?? blend.failure.value"
    :there="!!lots.data.value && (!id || !!blend.data.value)"
    @retry="blend.reload"
  >
    <div class="cards">
      <BlendForm
        :key="blend.data.value?.version ?? 0"
        :blend="blend.data.value"
        :lots="lots.data.value ?? []"
        @thought="think"
        @kept="isKept"
        @theirs="blend.reload"
      />
      <BlendSuggested v-if="shown" :view="shown" :parts="thought ? parts : (blend.data.value?.parts ?? [])" />
      <BlendTrials v-if="blend.data.value" :blend="blend.data.value" />
      <section v-if="kept.data.value?.length" class="card kept">
        <h2>Kept</h2>
        <p v-for="b in kept.data.value" :key="b.id">
          <router-link class="plain" :to="`/decision/blend/${b.id}`"
            ><b>{{ b.name }}</b></router-link
          >
          {{ b.parts }} <span class="quiet">· {{ plural(b.trials, 'trial') }}</span>
        </p>
      </section>
    </div>
  </PageState>
</template>

<style scoped>
.cards {
  display: grid;
  gap: 14px;
}
.kept p {
  margin: 4px 0;
}
</style>
