<script setup lang="ts">
import { ref } from 'vue'
import { api, type Schemas } from '@/shared/api/client'
import { useSend } from '@/shared/api/useSend'
import NumberField from '@/shared/components/NumberField.vue'

/** Bags that a sample is drawn from, at random. */
const props = defineProps<{ store: Schemas['StoreView'] }>()
const emit = defineEmits<{ kept: [] }>()
const draw = ref<Schemas['DrawEntry']>({})
const { sending, problem, said, send } = useSend()

async function drawBags() {
  const { taken } = await send(() =>
    api.POST('/api/lots/{id}/store/draws', { params: { path: { id: props.store.lotId } }, body: draw.value }),
  )
  if (taken) {
    emit('kept')
  }
}
</script>

<template>
  <form class="fields" @submit.prevent="drawBags">
    <NumberField
      v-model="draw.bags"
      label="Of how many bags"
      whole
      :hint="store.details.bags ? `${store.details.bags} when empty` : ''"
      :problem="problem('bags')"
    />
    <NumberField
      v-model="draw.count"
      label="How many (as usual when empty)"
      whole
      :problem="problem('count')"
    />
    <v-btn type="submit" color="primary" :loading="sending">Draw them</v-btn>
    <p v-if="said()" class="ember" role="alert">{{ said() }}</p>
  </form>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 10px;
  align-items: start;
  margin-top: 10px;
}
</style>
