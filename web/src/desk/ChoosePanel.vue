<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { usePreferences } from '@/shared/preferences'

/** What is roasted next: the batches of today, then every other plan of this roaster. */
const props = defineProps<{ machineId: number }>()
const emit = defineEmits<{ prepare: [entry: Schemas['PrepareEntry']] }>()
const preferences = usePreferences()

const today = new Date().toLocaleDateString('sv')
const day = useLoad(() => answer(api.GET('/api/days/{date}', { params: { path: { date: today } } })))
const plans = useLoad(() => answer(api.GET('/api/plans')))
const roasts = useLoad(() =>
  answer(api.GET('/api/desks/{machineId}/day', { params: { path: { machineId: props.machineId } } })),
)

const done = computed(() => new Set(roasts.data.value?.batches.map((r) => r.planId) ?? []))
const slots = computed(() =>
  (day.data.value?.content.machineId === props.machineId ? day.data.value.slots : []).map((s, i, all) => ({
    ...s,
    batch: i + 1,
    batches: all.length,
    done: done.value.has(s.planId),
  })),
)
const next = computed(() => slots.value.find((s) => !s.done))
const others = computed(() =>
  (plans.data.value ?? []).filter(
    (p) => p.machineId === props.machineId && !slots.value.some((s) => s.planId === p.id),
  ),
)
const ready = computed(() => ![day, plans, roasts].some((l) => l.loading.value && !l.data.value))
/** The key was pressed before it was known what is next. */
const wished = ref(false)
watch(ready, () => wished.value && prepareNext())

function prepareNext() {
  wished.value = !ready.value
  if (wished.value) {
    return
  }
  const s = next.value ?? slots.value[0]
  const p = others.value[0]
  if (s) {
    emit('prepare', { planId: s.planId, batch: s.batch, batches: s.batches })
  } else if (p) {
    emit('prepare', { planId: p.id })
  }
}
defineExpose({ prepareNext })
</script>

<template>
  <section class="card choose">
    <h2>What is roasted next?</h2>
    <ol v-if="slots.length" class="list">
      <li v-for="s in slots" :key="s.planId" :class="{ next: s === next }">
        <span>
          <b>{{ s.lotName }}</b>
          <span class="quiet">
            {{ s.process }}, {{ s.greenG }} g, charge {{ preferences.temperatureText(s.chargeC) }}</span
          >
        </span>
        <span v-if="s.done" class="quiet">roasted today</span>
        <v-btn
          :color="s === next ? 'primary' : undefined"
          :variant="s === next ? 'flat' : 'outlined'"
          @click="emit('prepare', { planId: s.planId, batch: s.batch, batches: s.batches })"
          >{{ s.done ? 'Again' : 'Prepare' }}<kbd v-if="s === next" class="hint">space</kbd></v-btn
        >
      </li>
    </ol>
    <p v-else class="quiet">
      Today has no timetable for this roaster (<router-link to="/plan/day">make one</router-link>).
    </p>
    <h3 v-if="others.length">Other plans</h3>
    <ul class="list">
      <li v-for="p in others" :key="p.id">
        <span>
          <b>{{ p.lotName }}</b>
          <span class="quiet">
            {{ p.process }}, {{ p.stage }}, charge {{ preferences.temperatureText(p.content.chargeC) }}</span
          >
        </span>
        <v-btn variant="outlined" @click="emit('prepare', { planId: p.id })">Prepare</v-btn>
      </li>
    </ul>
    <p v-if="plans.data.value && !slots.length && !others.length">
      There is no plan for this roaster yet: <router-link to="/plan/new">make one</router-link>, then roast by
      it.
    </p>
  </section>
</template>

<style scoped>
.list {
  list-style: none;
  padding: 0;
  margin: 8px 0 16px;
}
.list li {
  display: flex;
  align-items: center;
  gap: 16px;
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
.list li > span:first-child {
  flex: 1;
  display: grid;
}
.next {
  border-left: 4px solid var(--moss);
  padding-left: 10px !important;
}
.hint {
  margin-left: 10px;
  font: inherit;
  font-size: 0.875rem;
  opacity: 0.85;
}
</style>
