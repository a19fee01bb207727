<script setup lang="ts">
import { nextTick, watch } from 'vue'
import { keysInForce } from './useKeys'

const open = defineModel<boolean>({ required: true })
// where the hands were goes on after it
let before: HTMLElement | null = null
watch(open, async (now) => {
  if (now) {
    before = document.activeElement as HTMLElement | null
  } else {
    await nextTick()
    before?.focus()
  }
})
const onChart = [
  ['← →', 'on a chart: read it second by second, with Shift ten at a time'],
  ['← → on an event', 'move the event by a second, with Shift by ten'],
  ['Delete on an event', 'remove the event'],
  ['Tab', 'go to the next thing; Enter or space uses it'],
]
</script>

<template>
  <v-dialog v-model="open" max-width="720" aria-label="Keys of this page">
    <div class="card">
      <h2>Keys of this page</h2>
      <table class="plain">
        <tbody>
          <tr v-for="k in keysInForce" :key="k.key + k.does">
            <td>
              <kbd>{{ k.key === ' ' ? 'space' : k.key }}</kbd>
            </td>
            <td>{{ k.does }}</td>
          </tr>
          <tr v-for="[keys, does] in onChart" :key="keys">
            <td class="quiet">{{ keys }}</td>
            <td>{{ does }}</td>
          </tr>
        </tbody>
      </table>
      <p class="quiet mt-4">
        What Barrowmist is made with:
        <a class="plain" href="/notices.txt" target="_blank">fonts and scripts</a>,
        <a class="plain" href="/libraries.txt" target="_blank">libraries</a>
      </p>
      <v-btn color="primary" class="mt-4" @click="open = false">Close</v-btn>
    </div>
  </v-dialog>
</template>
