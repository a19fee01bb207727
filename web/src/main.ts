import { createApp } from 'vue'
import { createPinia } from 'pinia'
import '@fontsource-variable/source-sans-3'
import '@fontsource-variable/newsreader'
import '@/shared/theme/tokens.css'
import App from './App.vue'
import { router } from './router'
import { createTheme } from '@/shared/theme/vuetify'

createApp(App).use(createPinia()).use(router).use(createTheme()).mount('#app')
