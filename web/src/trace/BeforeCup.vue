<script setup lang="ts">
import { onMounted, ref } from 'vue'
import type { Failure } from '@/shared/api/client'
import { useCurveVerdicts } from '@/roast/curveVerdicts'

/** Whether the lab cups first, and reads what the curve looks like afterwards. */
const verdicts = useCurveVerdicts()
const failure = ref<Failure>()
onMounted(verdicts.refresh)

async function cupFirst(afterCup: boolean) {
  failure.value = await verdicts.keep(afterCup)
}
</script>

<template>
  <section class="card">
    <h2 class="label">Before the cup</h2>
    <v-switch
      :model-value="verdicts.held?.afterCup ?? false"
      label="Say what a curve looks like only when it has been cupped"
      color="primary"
      hide-details
      @update:model-value="cupFirst(!!$event)"
    />
    <p class="quiet">
      For those who hold that no curve tells a taste: lists, roasts, the desk and traces keep their verdicts
      on a curve until its cup is told. The desk still warns of what may be a danger.
    </p>
    <p v-if="failure" class="ember" role="alert">{{ failure.message }}</p>
  </section>
</template>
