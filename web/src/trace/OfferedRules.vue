<script setup lang="ts">
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { plural } from '@/shared/format/text'

/** What these cups would make of the rules. Nothing is taken in by itself: it is laid ready on the page of the rules. */
const props = defineProps<{ machineId: number; machineName: string; cause: Schemas['Cause'] }>()
const offers = useLoad(() => {
  const { machineId, cause } = props
  return answer(api.GET('/api/patterns/offers', { params: { query: { machineId, cause } } }))
})
const short = (x: number) => x.toFixed(Math.abs(x) < 1 ? 2 : 1)
const share = (o: Schemas['LearnedRulesOffer']) => o.rule.startsWith('shows.') || o.rule.startsWith('word.')
function to(o: Schemas['LearnedRulesOffer']) {
  const behind = share(o) ? plural(o.called, 'verdict') : `${o.called} of ${plural(o.cups, 'cup')}`
  return {
    path: '/trace/rules',
    query: {
      rule: o.rule,
      value: short(o.learned),
      why: `Learned on ${props.machineName} from ${behind}, between ${short(o.lower)} and ${short(o.upper)}`,
    },
  }
}
</script>

<template>
  <section v-if="offers.data.value?.length" class="card">
    <h2 class="label">What they would make of the rules</h2>
    <ul>
      <li v-for="o in offers.data.value" :key="o.rule">
        <span>
          {{ o.text }}: <b>{{ short(o.learned) }}</b> instead of {{ short(o.now) }} {{ o.unit }}
          <span class="quiet"
            >between {{ short(o.lower) }} and {{ short(o.upper) }}, from
            {{ share(o) ? plural(o.called, 'verdict') : plural(o.cups, 'cup') }}</span
          >
        </span>
        <v-btn variant="outlined" size="small" :to="to(o)">Try it on the rules</v-btn>
      </li>
    </ul>
  </section>
  <p v-else-if="offers.failure.value" class="ember" role="alert">{{ offers.failure.value.message }}</p>
</template>

<style scoped>
.card {
  margin-top: 14px;
}
ul {
  list-style: none;
  padding: 0;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
  min-height: 48px;
}
</style>
