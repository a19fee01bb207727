<script setup lang="ts">
import { computed, ref } from 'vue'
import { mdiChevronDown } from '@mdi/js'
import { answer, api, type Failure } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { day } from '@/shared/format/text'

/** The samples of a lot by stage, and how each stage compares with the one before. */
const props = defineProps<{ lotId: number }>()
const params = { params: { path: { lotId: props.lotId } } }
const samples = useLoad(() => answer(api.GET('/api/lots/{lotId}/samples', params)))
const stages = useLoad(() => answer(api.GET('/api/lots/{lotId}/stages', params)))
const failure = ref<Failure>()

const STAGES = ['offer', 'pre-shipment', 'arrival', 'retained'] as const
const missing = computed(() => STAGES.filter((s) => !samples.data.value?.some((x) => x.stage === s)))
const figure = (value: number | undefined, unit: string) =>
  value === undefined ? '–' : `${Number(value.toFixed(2))}${unit && ` ${unit}`}`

async function add(stage: (typeof STAGES)[number]) {
  const result = await answer(api.POST('/api/lots/{lotId}/samples', { ...params, body: { stage } }))
  failure.value = result.failure
  if (result.data) {
    await Promise.all([samples.reload(), stages.reload()])
  }
}
</script>

<template>
  <div class="head">
    <h2>Samples</h2>
    <v-menu v-if="missing.length">
      <template #activator="{ props: menu }">
        <v-btn v-bind="menu" variant="outlined" :append-icon="mdiChevronDown">Add a sample</v-btn>
      </template>
      <v-list>
        <v-list-item v-for="s in missing" :key="s" :title="s" @click="add(s)" />
      </v-list>
    </v-menu>
  </div>
  <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
  <PageState
    :loading="samples.loading.value"
    :failure="samples.failure.value"
    :there="!!samples.data.value"
    @retry="samples.reload"
  >
    <div class="card table-scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>stage</th>
            <th>received</th>
            <th class="num">moisture</th>
            <th class="num">density</th>
            <th>grade</th>
            <th class="num">roasts</th>
            <th><span class="d-sr-only">what to do</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="s in samples.data.value" :key="s.id">
            <td>
              <b>{{ s.stage }}</b>
            </td>
            <td>{{ day(s.receivedOn) }}</td>
            <td class="num">{{ s.moisturePct === undefined ? '–' : `${s.moisturePct} %` }}</td>
            <td class="num">{{ s.densityGPerL === undefined ? '–' : `${s.densityGPerL.toFixed(0)} g/L` }}</td>
            <td>
              <span v-if="s.stopped" class="ember">not to be roasted</span>
              <span v-else :class="{ ember: s.grade === 'below specialty' }">{{
                s.grade ?? (s.inspected ? 'not counted' : 'not inspected')
              }}</span>
            </td>
            <td class="num">{{ s.roasts }}</td>
            <td>
              <div class="links">
                <router-link :to="`/green/samples/${s.id}`">{{
                  s.inspected ? 'Inspection' : 'Inspect'
                }}</router-link>
                <router-link v-if="!s.stopped" :to="`/plan/new?sample=${s.id}`">Plan</router-link>
                <a :href="`/api/green-samples/${s.id}/label.pdf?size=tray`" target="_blank">Tray label</a>
                <a :href="`/api/green-samples/${s.id}/label.pdf?size=bag`" target="_blank">Bag label</a>
              </div>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <template v-for="c in stages.data.value" :key="c.earlier + c.later">
      <h2 class="mt-6 mb-2">Did the {{ c.later }} sample match the {{ c.earlier }} sample?</h2>
      <div class="card table-scroll">
        <table class="plain">
          <thead>
            <tr>
              <th>figure</th>
              <th class="num">{{ c.earlier }}</th>
              <th class="num">{{ c.later }}</th>
              <th><span class="d-sr-only">does it match</span></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="f in c.figures" :key="f.figure">
              <td>{{ f.figure }}</td>
              <td class="num">{{ figure(f.earlier, f.unit) }}</td>
              <td class="num">{{ figure(f.later, f.unit) }}</td>
              <td :class="{ ember: f.verdict === 'differs', quiet: f.verdict === 'not-measured' }">
                {{ f.text }}
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
  </PageState>
</template>

<style scoped>
.head {
  display: flex;
  align-items: center;
  gap: 16px;
  margin: 24px 0 8px;
}
.links {
  display: flex;
  gap: 16px;
  flex-wrap: wrap;
}
</style>
