<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { answer, api } from '@/shared/api/client'
import { qrPicture } from '@/shared/qr'

/** How a cupper comes to this table with a device of their own. */
const props = defineProps<{ code: string }>()
const LOOPBACK = /^(localhost|127\.|\[::1])/
// where this page was opened under a name that only this computer knows, the server tells a better one
const lab = ref(LOOPBACK.test(location.hostname) ? undefined : location.origin)
const address = computed(() => `${lab.value ?? location.origin}/join`)
const picture = computed(() => qrPicture(`${address.value}#${props.code}`))

onMounted(async () => {
  if (!lab.value) {
    lab.value = (await answer(api.GET('/api/network'))).data?.addresses?.[0]
  }
})
</script>

<template>
  <div class="join">
    <img v-if="lab" :src="picture" alt="" width="120" height="120" />
    <p>
      <span class="quiet">Cuppers join at {{ address }} with the code</span><br />
      <b class="code">{{ code }}</b><br />
      <span v-if="!lab" class="quiet"
        >This lab answers to its own computer only; how tablets come in stands under People.</span
      >
    </p>
  </div>
</template>

<style scoped>
.join {
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
  align-items: center;
}
.code {
  font-size: 1.5rem;
  letter-spacing: 0.18em;
}
</style>
