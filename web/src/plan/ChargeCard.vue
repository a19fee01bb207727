<script setup lang="ts">
import { computed } from 'vue'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { usePreferences } from '@/shared/preferences'

/** Where to charge, and why: the roaster's reference and each addend on a line of its own. */
const props = defineProps<{ greenSampleId: number; machineId: number; greenG: number; chargeC: number }>()
const emit = defineEmits<{ take: [chargeC: number] }>()
const preferences = usePreferences()

const advice = useLoad(
  () =>
    answer(
      api.GET('/api/green-samples/{id}/charge-advice', {
        params: {
          path: { id: props.greenSampleId },
          query: { machineId: props.machineId, greenG: props.greenG },
        },
      }),
    ),
  () => props.greenG,
)
const addend = (c: number) => `${c < 0 ? '−' : '+'}${preferences.differenceText(Math.abs(c))}`
const behind = (roasts: number) => (roasts ? `${roasts} roasts` : 'house default')
const far = computed(() => advice.data.value && Math.abs(advice.data.value.chargeC - props.chargeC) >= 0.5)
</script>

<template>
  <section v-if="advice.data.value" class="card advice" aria-labelledby="charge-title">
    <div class="head">
      <h2 id="charge-title">Charge advised: {{ preferences.temperatureText(advice.data.value.chargeC) }}</h2>
      <v-btn v-if="far" variant="outlined" @click="emit('take', advice.data.value.chargeC)"
        >Charge there</v-btn
      >
    </div>
    <table class="plain sum">
      <tbody>
        <tr>
          <td>{{ advice.data.value.base.text }}</td>
          <td class="quiet">{{ behind(advice.data.value.base.roasts) }}</td>
          <td class="num">{{ preferences.temperatureText(advice.data.value.base.c) }}</td>
        </tr>
        <tr v-for="l in advice.data.value.addends" :key="l.text">
          <td>{{ l.text }}</td>
          <td class="quiet">{{ behind(l.roasts) }}</td>
          <td class="num">
            <b>{{ addend(l.c) }}</b>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="advice.data.value.spreadC !== undefined" class="quiet">
      charges on this roaster spread by ±{{ preferences.differenceText(advice.data.value.spreadC) }}
    </p>
  </section>
  <p v-else-if="advice.failure.value" class="ember" role="alert">{{ advice.failure.value.message }}</p>
</template>

<style scoped>
.advice {
  display: grid;
  gap: 6px;
}
.head {
  display: flex;
  gap: 10px;
  align-items: center;
  justify-content: space-between;
}
.sum td {
  padding: 4px 6px;
}
.sum td:first-child {
  padding-left: 0;
}
.sum .num {
  white-space: nowrap;
}
</style>
