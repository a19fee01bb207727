<script setup lang="ts">
/** Figures on a card, a line each: what it is, the figure, and beside it what belongs to it. */
defineProps<{ title: string; lines: [what: string, figure: string, beside: string][] }>()
</script>

<template>
  <section class="card">
    <h2>{{ title }}</h2>
    <table v-if="lines.length">
      <tbody>
        <tr v-for="([what, figure, beside], i) in lines" :key="i">
          <th scope="row">{{ what }}</th>
          <td>
            <b>{{ figure }}</b>
          </td>
          <td class="quiet">{{ beside }}</td>
        </tr>
      </tbody>
    </table>
    <slot />
  </section>
</template>

<style scoped>
.card {
  padding: 12px 16px;
}
h2 {
  font-family: var(--sans);
  font-weight: 400;
  font-size: 1rem;
  color: var(--ink-2);
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  text-align: left;
  font-weight: 400;
  padding: 3px 0;
}
td {
  text-align: right;
  white-space: nowrap;
  padding: 3px 0 3px 8px;
}
</style>
