<script setup lang="ts">
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { moment, roastName } from '@/shared/format/text'

/** The known greens most like the one that is planned, and what was roasted of them, to begin from. */
const props = defineProps<{ sampleId: number; machineId: number }>()
const templateId = defineModel<number | null>({ required: true })

const found = useLoad(
  () =>
    answer(
      api.GET('/api/green-samples/{id}/most-like', {
        params: { path: { id: props.sampleId }, query: { machineId: props.machineId } },
      }),
    ),
  () => [props.sampleId, props.machineId],
)
</script>

<template>
  <section v-if="found.data.value?.length" class="card like" aria-labelledby="like-title">
    <h2 id="like-title">Most like it</h2>
    <ol>
      <li v-for="l in found.data.value" :key="l.greenSampleId">
        <div class="line">
          <b>{{ l.lotName }}</b>
          <span class="num">{{ Math.round(l.likePct) }} % alike</span>
        </div>
        <p class="quiet">{{ l.because.join(', ') }}</p>
        <div class="line">
          <router-link class="plain" :to="`/roast/${l.roastId}`"
            >{{ roastName(l) }}, {{ moment(l.roastedAt) }}{{ l.accepted ? ', reference' : '' }}</router-link
          >
          <v-btn
            :variant="templateId === l.roastId ? 'flat' : 'outlined'"
            :color="templateId === l.roastId ? 'primary' : undefined"
            @click="templateId = templateId === l.roastId ? null : l.roastId"
            >{{ templateId === l.roastId ? 'Its controls are taken' : 'Take its controls' }}</v-btn
          >
        </div>
      </li>
    </ol>
  </section>
</template>

<style scoped>
ol {
  list-style: none;
  padding: 0;
}
li {
  padding: 10px 0;
  border-top: 1px solid var(--line);
}
.line {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 4px 12px;
  align-items: center;
}
</style>
