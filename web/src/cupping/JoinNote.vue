<script setup lang="ts">
import { computed } from 'vue'
import qrcode from 'qrcode-generator'

/** How a cupper comes to this table with a device of their own. */
const props = defineProps<{ code: string }>()
const LOOPBACK = /^(localhost|127\.|\[::1])/
const reachable = computed(() => !LOOPBACK.test(location.hostname))
const address = computed(() => `${location.origin}/join`)
const picture = computed(() => {
  const qr = qrcode(0, 'M')
  qr.addData(`${address.value}#${props.code}`)
  qr.make()
  return qr.createDataURL(4, 4)
})
</script>

<template>
  <div class="join">
    <img v-if="reachable" :src="picture" alt="" width="120" height="120" />
    <p>
      <span class="quiet">Cuppers join at {{ address }} with the code</span><br />
      <b class="code">{{ code }}</b><br />
      <span v-if="!reachable" class="quiet"
        >This page was opened on the lab’s computer itself: other devices reach it under its address in the
        network.</span
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
