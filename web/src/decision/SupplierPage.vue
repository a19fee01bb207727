<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { day, one, plural } from '@/shared/format/text'
import SupplierContract from './SupplierContract.vue'

/** A supplier over time: arrivals against what was sent before, claims, and how long decisions took. */
const route = useRoute()
const name = computed(() => String(route.params.name))
const supplier = useLoad(
  () => answer(api.GET('/api/suppliers/{name}', { params: { path: { name: name.value } } })),
  () => name.value,
)
const two = (n: number) => n.toFixed(2)
const lotName = (id: number) => supplier.data.value?.lots.find((l) => l.lotId === id)?.lotName
</script>

<template>
  <PageState
    :loading="supplier.loading.value"
    :failure="supplier.failure.value"
    :there="!!supplier.data.value"
    @retry="supplier.reload"
  >
    <template v-if="supplier.data.value">
      <div class="page-head">
        <h1>{{ supplier.data.value.name }}</h1>
        <span class="quiet">
          {{ plural(supplier.data.value.lots.length, 'lot')
          }}<template v-if="supplier.data.value.meanDaysToDecide !== undefined">
            · decided {{ one(supplier.data.value.meanDaysToDecide) }} days after the arrival</template
          >
        </span>
        <span class="spacer" />
        <v-btn variant="text" to="/decision">To the decisions</v-btn>
      </div>
      <section class="card">
        <h2>Arrivals against what was sent before</h2>
        <p v-if="!supplier.data.value.overall.length" class="quiet">
          No lot of theirs was measured or cupped both before shipment and on arrival: add a pre-shipment
          sample to the next one.
        </p>
        <p v-for="o in supplier.data.value.overall" :key="o.figure">{{ o.text }}</p>
        <div v-if="supplier.data.value.compared.length" class="table-scroll">
          <table class="plain">
            <thead>
              <tr>
                <th>Lot</th>
                <th>Figure</th>
                <th class="num">Before</th>
                <th class="num">Arrival</th>
                <th class="num">Difference</th>
                <th>By itself</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="c in supplier.data.value.compared" :key="`${c.lotId} ${c.figure}`">
                <td>
                  <router-link :to="`/decision/${c.lotId}`">{{ lotName(c.lotId) }}</router-link>
                </td>
                <td>{{ c.figure }}</td>
                <td class="num">{{ two(c.before) }} {{ c.unit }}</td>
                <td class="num">{{ two(c.after) }} {{ c.unit }}</td>
                <td class="num" :class="{ ember: c.sure }">
                  {{ c.after < c.before ? '−' : '+' }}{{ two(Math.abs(c.after - c.before)) }}
                </td>
                <td class="quiet">{{ c.sure ? 'differs' : 'not told apart' }}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </section>
      <SupplierContract :name="supplier.data.value.name" />
      <section class="card table-scroll">
        <h2>Lots</h2>
        <table class="plain">
          <thead>
            <tr>
              <th>Lot</th>
              <th>Arrived</th>
              <th class="num">kg</th>
              <th class="num">Score</th>
              <th>Decided</th>
              <th class="num">Days</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="l in supplier.data.value.lots" :key="l.lotId">
              <td>
                <router-link :to="`/decision/${l.lotId}`">{{ l.lotName }}</router-link>
              </td>
              <td>{{ day(l.arrivalDate) }}</td>
              <td class="num">{{ one(l.kg) }}</td>
              <td class="num">{{ l.score === undefined ? '' : two(l.score) }}</td>
              <td>{{ l.label }}</td>
              <td class="num">{{ l.daysToDecide ?? '' }}</td>
            </tr>
          </tbody>
        </table>
      </section>
    </template>
  </PageState>
</template>

<style scoped>
.card {
  margin-bottom: 14px;
}
</style>
