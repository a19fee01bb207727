<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import NumberField from '@/shared/components/NumberField.vue'

/** One figure, to be changed in its place. */
const props = defineProps<{ rule: Schemas['RuleView']; edited?: number }>()
const emit = defineEmits<{ set: [value: number] }>()

function take(value?: number) {
  if (value !== undefined) {
    emit('set', value)
  }
}
</script>

<template>
  <tr :class="{ edited: edited !== undefined }">
    <td>
      {{ rule.text }}<br /><small class="quiet">{{ rule.standing }}</small>
    </td>
    <td class="num value">
      <NumberField
        :label="`Value of ${rule.text}`"
        bare
        :model-value="props.edited ?? rule.value"
        @update:model-value="take"
      />
    </td>
    <td class="quiet">{{ rule.unit }}</td>
    <td class="num quiet">{{ rule.from }}</td>
  </tr>
</template>

<style scoped>
.value {
  width: 110px;
}
.edited td:first-child {
  border-left: 4px solid var(--ember);
  padding-left: 8px;
}
</style>
