<script setup lang="ts">
/** Coffees on a table that were not roasted here. */
const coffees = defineModel<{ name: string }[]>({ required: true })
/** What is being typed, and not yet put on. */
const typing = defineModel<string>('typing', { required: true })

function putOn() {
  if (typing.value.trim()) {
    coffees.value = [...coffees.value, { name: typing.value.trim() }]
    typing.value = ''
  }
}
const takeOff = (i: number) => (coffees.value = coffees.value.filter((_, at) => at !== i))
defineExpose({ putOn })
</script>

<template>
  <div v-for="(o, i) in coffees" :key="i" class="outside">
    <span>{{ o.name }} <span class="quiet">not roasted here</span></span>
    <v-btn variant="text" :aria-label="`Take ${o.name} off the table`" @click="takeOff(i)">take off</v-btn>
  </div>
  <div class="row">
    <v-text-field
      v-model="typing"
      label="A coffee that was not roasted here"
      maxlength="200"
      hide-details
      @keydown.enter.prevent="putOn"
    />
    <v-btn variant="outlined" :disabled="!typing.trim()" @click="putOn">Put it on</v-btn>
  </div>
</template>

<style scoped>
.outside {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 24px;
  padding-left: 12px;
}
.row {
  display: flex;
  gap: 12px;
  align-items: center;
}
</style>
