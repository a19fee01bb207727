<script setup lang="ts">
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import PageState from '@/shared/components/PageState.vue'
import { qrPicture } from '@/shared/qr'

/** How a tablet or phone finds this lab. */
const network = useLoad(() => answer(api.GET('/api/network')))
</script>

<template>
  <section class="card">
    <h2>Tablets and phones</h2>
    <PageState
      :loading="network.loading.value"
      :failure="network.failure.value"
      :there="!!network.data.value"
      @retry="network.reload"
    >
      <template v-if="network.data.value?.beyond">
        <p v-if="!network.data.value.addresses.length" class="quiet">
          This computer is in no network at the moment.
        </p>
        <div class="addresses">
          <figure v-for="a in network.data.value.addresses" :key="a">
            <img :src="qrPicture(a)" alt="" width="112" height="112" />
            <figcaption>{{ a }}</figcaption>
          </figure>
        </div>
        <template v-if="network.data.value.fingerprint">
          <p class="quiet">
            At its first visit a tablet says that it does not know this certificate. Compare what it shows
            with this fingerprint (SHA-256), then let it pass:
          </p>
          <code class="print">{{ network.data.value.fingerprint }}</code>
        </template>
        <p v-else class="quiet">Without HTTPS everybody in this network can read what is sent.</p>
      </template>
      <p v-else class="quiet">
        This lab answers to its own computer only. Make the first account, then start Barrowmist with
        BARROWMIST_ADDRESS=0.0.0.0 to let other devices of your network in.
      </p>
    </PageState>
  </section>
</template>

<style scoped>
.addresses {
  display: flex;
  flex-wrap: wrap;
  gap: 18px;
}
figure {
  margin: 0;
  max-width: 180px;
  overflow-wrap: anywhere;
}
.print {
  overflow-wrap: anywhere;
}
</style>
