<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import { day, one } from '@/shared/format/text'
import { temperatureText } from '@/shared/format/units'
import { usePreferences } from '@/shared/preferences'

/** What is left of a lot, how it keeps, and what was drawn and measured. */
defineProps<{ store: Schemas['StoreView'] }>()
const preferences = usePreferences()
</script>

<template>
  <div>
    <p>
      <b class="tabular" :class="{ ember: store.kgLeft < 0 }">{{ one(store.kgLeft) }} kg</b>
      left of {{ one(store.arrivedKg) }} kg ({{ one(store.roastedKg) }} kg roasted<template
        v-if="store.details.soldKg"
        >, {{ one(store.details.soldKg) }} kg sold</template
      >). {{ store.keeps }}
      <span :class="store.checkDue ? 'ember' : 'quiet'"
        >{{ store.checkDue ? 'Measure it again: it was due on' : 'Measure it again on' }}
        {{ day(store.nextCheckOn) }}.</span
      >
    </p>
    <p v-if="store.climate" class="ember">{{ store.climate }}</p>
    <p v-if="store.details.farm || store.details.variety" class="quiet">
      {{
        [store.details.farm, store.details.variety, store.details.processDetail].filter(Boolean).join(' · ')
      }}
    </p>
    <p v-for="d in store.draws.slice(0, 3)" :key="`${d.on} ${d.bags}`">
      Drawn on {{ day(d.on) }} by {{ d.by }}, of {{ d.ofBags }} bags:
      <b class="tabular">{{ d.bags.join(', ') }}</b>
    </p>
    <p v-for="c in store.checks.slice(-4)" :key="c.id" class="quiet">
      {{ c.check.on ? day(c.check.on) : '' }} {{ c.by }}:
      <template v-if="c.check.moisturePct !== undefined">moisture {{ one(c.check.moisturePct) }} % </template>
      <template v-if="c.check.waterActivity !== undefined"
        >water activity {{ c.check.waterActivity.toFixed(2) }}
      </template>
      <template v-if="c.check.smell">smells {{ c.check.smell }} </template>
      <template v-if="c.check.storageC !== undefined"
        >store {{ temperatureText(c.check.storageC, preferences.units) }}
      </template>
      <template v-if="c.check.storageRhPct !== undefined"
        >{{ one(c.check.storageRhPct) }} % humidity</template
      >
    </p>
  </div>
</template>
