<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import { one } from '@/shared/format/text'

/** What the parts of a blend suggest of it. */
defineProps<{ view: Schemas['BlendSuggested']; parts: Schemas['BlendPart'][] }>()
</script>

<template>
  <section class="card">
    <h2>
      <template v-if="view.score !== undefined">About {{ view.score.toFixed(2) }} points</template>
      <template v-else>No score: a part of it was never cupped</template>
    </h2>
    <p v-if="view.colourGround !== undefined">Ground colour about {{ one(view.colourGround) }}.</p>
    <p>
      <span v-for="w in view.words.slice(0, 10)" :key="w.word" class="word"
        >{{ w.word }} <span class="quiet">{{ Math.round(100 * w.share) }} %</span></span
      >
    </p>
    <p v-for="w in view.why" :key="w" :class="{ ember: view.apart }">{{ w }}</p>
    <table class="plain">
      <thead>
        <tr>
          <th>Part</th>
          <th class="num">Roasted</th>
          <th class="num">Green it takes</th>
          <th class="num">In 100 g of the trial</th>
          <th><span class="d-sr-only">what to do</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(n, i) in view.needed" :key="n.name">
          <td>{{ n.name }}</td>
          <td class="num">{{ one(n.roastedKg) }} kg</td>
          <td class="num">
            <template v-if="n.greenKg !== undefined">{{ one(n.greenKg) }} kg</template>
            <span v-else class="quiet">weight loss not known yet</span>
          </td>
          <td class="num">{{ one(parts[i]?.share ?? 0) }} g</td>
          <td>
            <router-link v-if="parts[i]?.lotId" class="plain" :to="`/plan/new?lot=${parts[i]!.lotId}`"
              >Plan its roast</router-link
            >
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
table {
  margin-top: 8px;
}
.word {
  margin-right: 14px;
}
</style>
