<script setup lang="ts">
import { ref } from 'vue'
import { answer, api } from '@/shared/api/client'
import LimitsDialog from '@/shared/components/LimitsDialog.vue'
import HouseScales from './HouseScales.vue'
import HouseWords from './HouseWords.vue'

/** What this house calls things, asks of a cup, and scores for the label. */
const lines = ref(false)
</script>

<template>
  <div class="page-head">
    <h1>Our words, scales and lines</h1>
    <span class="spacer" />
    <v-btn variant="outlined" to="/cupping">Back to the tables</v-btn>
  </div>
  <div class="house">
    <HouseWords />
    <div class="side">
      <HouseScales />
      <section class="card">
        <h2>Our lines</h2>
        <p class="quiet">
          An attribute of the 100-point form below the line, and a final score below it or premium, is said on
          the sheet at once.
        </p>
        <v-btn variant="outlined" @click="lines = true">Change the lines</v-btn>
        <LimitsDialog
          v-model="lines"
          :fields="[
            ['leastAttribute', 'Least of an attribute', ''],
            ['leastScore', 'Least final score', ''],
            ['premiumScore', 'Premium from', ''],
          ]"
          :load="() => answer(api.GET('/api/cup-lines'))"
          :keep="(l) => answer(api.PUT('/api/cup-lines', { body: l }))"
          :facts="() => answer(api.GET('/api/cup-lines/facts'))"
        />
      </section>
    </div>
  </div>
</template>

<style scoped>
.house {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(340px, 1fr));
  gap: 16px;
  align-items: start;
}
.side {
  display: grid;
  gap: 16px;
}
</style>
