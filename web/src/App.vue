<script setup lang="ts">
import { ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useTheme } from 'vuetify'
import { mdiAccountOutline, mdiKeyboardOutline, mdiThemeLightDark } from '@mdi/js'
import NoticeStrip from '@/shared/components/NoticeStrip.vue'
import Workline from '@/shared/components/Workline.vue'
import KeyHelp from '@/shared/keyboard/KeyHelp.vue'
import { useKeys } from '@/shared/keyboard/useKeys'
import { usePreferences } from '@/shared/preferences'
import { useNotices } from '@/shared/notices'
import { useWaiting } from '@/shared/waiting'
import { useWho } from '@/shared/who'
import SignIn from '@/people/SignIn.vue'

const preferences = usePreferences()
const waiting = useWaiting()
const notices = useNotices()
const who = useWho()
const theme = useTheme()
const route = useRoute()
const help = ref(false)
// a page whose script could not be loaded
const unopened = ref<string>()

watch(
  () => preferences.dark,
  (dark) => theme.change(dark ? 'dark' : 'light'),
  { immediate: true },
)
void who.refresh()
watch(
  // before the first page is found the path is "/" as well
  () => (route.matched.length && who.known && !who.needed ? route.path : undefined),
  (path) => path === undefined || route.meta.seat || (waiting.refresh(), notices.refresh()),
  { immediate: true },
)
const router = useRouter()
router.onError((_error, to) => (unopened.value = to.fullPath))
router.afterEach((_to, _from, failed) => {
  if (!failed) {
    unopened.value = undefined
  }
})
useKeys([{ key: '?', does: 'show the keys', run: () => (help.value = true) }])
</script>

<template>
  <v-app>
    <a class="skip" href="#main">Skip to the page</a>
    <header class="frame">
      <component
        :is="route.meta.seat ? 'span' : 'router-link'"
        to="/"
        class="brand"
        :aria-label="route.meta.seat ? undefined : 'Barrowmist, to Today'"
      >
        <svg viewBox="0 0 32 32" width="34" height="34" aria-hidden="true">
          <path d="M3 23c5 0 6-13 13-13s8 13 13 13" class="hill" />
          <path d="M8 17h16M5 28h22" class="mist" />
        </svg>
        <span class="name">Barrowmist</span>
      </component>
      <span v-if="route.meta.seat || (who.needed && !who.shown)" class="spacer" />
      <Workline
        v-if="!route.meta.seat && !(who.needed && !who.shown)"
        :waiting="waiting.today?.waiting ?? {}"
      />
      <div class="switches">
        <v-btn
          variant="text"
          :aria-label="`Temperatures in °${preferences.units.temperature}; switch`"
          @click="preferences.toggleTemperature"
          >°{{ preferences.units.temperature }}</v-btn
        >
        <v-btn
          variant="text"
          :aria-label="`Rates per ${preferences.units.per === 'min' ? 'minute' : '30 seconds'}; switch`"
          @click="preferences.togglePer"
          >{{ preferences.units.per === 'min' ? 'per min' : 'per 30 s' }}</v-btn
        >
        <v-btn icon variant="text" aria-label="Light or dark" @click="preferences.toggleLight">
          <v-icon :icon="mdiThemeLightDark" />
        </v-btn>
        <v-btn
          v-if="!route.meta.seat"
          variant="text"
          to="/people"
          :aria-label="who.session?.name ? `${who.session.name}: account and people` : 'People'"
        >
          <v-icon :icon="mdiAccountOutline" /><span class="who">{{ who.session?.name }}</span>
        </v-btn>
        <v-btn icon variant="text" class="keys" aria-label="Keys of this page" @click="help = true">
          <v-icon :icon="mdiKeyboardOutline" />
        </v-btn>
      </div>
    </header>
    <NoticeStrip />
    <main id="main" tabindex="-1">
      <div v-if="unopened" class="card unopened" role="alert">
        <b>That page could not be opened: the Barrowmist server does not answer.</b>
        <v-btn variant="outlined" :href="unopened">Try again</v-btn>
      </div>
      <SignIn v-if="who.needed && !who.shown && !route.meta.seat" @done="who.shown = true" />
      <router-view v-else-if="who.known || route.meta.seat" :key="route.path" />
    </main>
    <v-dialog :model-value="who.needed && who.shown && !route.meta.seat" persistent max-width="500">
      <SignIn />
    </v-dialog>
    <KeyHelp v-model="help" />
  </v-app>
</template>

<style scoped>
.frame {
  display: flex;
  align-items: center;
  gap: 24px;
  padding: 0 20px;
  border-bottom: 1px solid var(--line);
  min-height: 64px;
}
.brand {
  display: flex;
  align-items: center;
  gap: 14px;
  color: var(--ink);
  text-decoration: none;
  font-size: 1.4rem;
}
.brand svg {
  fill: none;
  stroke-width: 2.4;
  stroke-linecap: round;
}
.hill {
  stroke: var(--moss);
}
.mist {
  stroke: var(--ink-2);
  stroke-width: 1.8;
}
.switches {
  display: flex;
  margin-left: auto;
  color: var(--ink-2);
}
.switches .v-btn {
  padding: 0 10px;
  min-width: var(--touch);
}
main {
  padding: 18px 24px 32px;
  width: 100%;
  max-width: 1440px;
  margin: 0 auto;
  outline: none;
}
.unopened {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  border-color: var(--ember);
  margin-bottom: 16px;
}
.skip {
  position: absolute;
  left: -999px;
}
.skip:focus {
  left: 8px;
  top: 8px;
  background: var(--card);
  padding: 8px;
  z-index: 10;
}
@media (max-width: 700px) {
  .frame {
    gap: 8px;
    padding: 0 10px;
  }
  .brand .name,
  .who,
  .keys {
    display: none;
  }
  main {
    padding: 14px 12px 28px;
  }
}
</style>
