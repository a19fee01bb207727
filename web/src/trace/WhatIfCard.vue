<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import { plural } from '@/shared/format/text'

/** What changed rules would make of past findings, and of what is proposed for lots. */
defineProps<{ whatIf: Schemas['RulesWhatIf'] }>()
</script>

<template>
  <div class="what-if" role="status">
    <template v-if="whatIf.looked">
      <p>
        <b>{{ whatIf.changed.length ? plural(whatIf.changed.length, 'finding') : 'No finding' }}</b> of the
        {{ plural(whatIf.looked, 'newest cupped roast') }} would change.
      </p>
      <ul>
        <li v-for="c in whatIf.changed" :key="c.roastId">
          <router-link class="plain" :to="`/trace/${c.roastId}`"
            >{{ c.lotName }}, roast {{ c.number }}</router-link
          >: {{ c.before }} → {{ c.after }}
        </li>
      </ul>

      <p v-if="whatIf.judged" class="quiet">
        Of {{ plural(whatIf.judged, 'verdict') }} of yours {{ whatIf.agreeBefore }} agree now,
        {{ whatIf.agreeAfter }} would then.
      </p>
      <p v-else class="quiet">You have given no verdict yet to hold it against.</p>
    </template>
    <template v-if="whatIf.proposals.length">
      <p>
        <b>{{ plural(whatIf.proposals.length, 'lot') }}</b> would be proposed otherwise.
      </p>
      <ul>
        <li v-for="p in whatIf.proposals" :key="p.lotId">
          <router-link class="plain" :to="`/decision/${p.lotId}`">{{ p.lotName }}</router-link>:
          {{ p.before }} → {{ p.after }}
        </li>
      </ul>
    </template>
    <p v-else-if="!whatIf.looked">No lot would be proposed otherwise.</p>
  </div>
</template>

<style scoped>
.what-if {
  border-left: 3px solid var(--line);
  padding-left: 12px;
  margin-top: 12px;
}
.what-if ul {
  list-style: none;
  padding: 0;
}
</style>
