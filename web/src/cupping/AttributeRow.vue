<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import KeptNote from '@/shared/kept/KeptNote.vue'
import ScoreRow from './ScoreRow.vue'
import { withValue, type Scale } from './sheetContent'
import { useSheet } from './useSheet'

/** One attribute of one sample, kept on that sample's sheet. */
const props = defineProps<{ sheet: Schemas['SheetView']; scale?: Scale }>()
const { content, kept } = useSheet(props.sheet)
</script>

<template>
  <div v-if="scale">
    <ScoreRow
      :label="sheet.code"
      :scale="scale"
      :model-value="content.attributes[scale.field]"
      @update:model-value="content.attributes = withValue(content.attributes, scale!.field, $event)"
    />
    <!-- what passes in a moment is not said: a row that comes and goes would push the next from under a finger -->
    <KeptNote v-if="['here', 'refused', 'elsewhere'].includes(kept.state.value)" :kept="kept" />
  </div>
</template>
