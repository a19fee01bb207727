import { defineConfig } from 'vitest/config'
import vue from '@vitejs/plugin-vue'
import vuetify from 'vite-plugin-vuetify'
import { fileURLToPath } from 'node:url'

export default defineConfig({
  plugins: [vue(), vuetify({ autoImport: true })],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  // the name of the page's own host goes through: the server refuses calls from another one's page
  server: { proxy: { '/api': { target: 'http://127.0.0.1:8080', changeOrigin: false } } },
  build: { target: 'es2022', chunkSizeWarningLimit: 700 },
  test: {
    environment: 'jsdom',
    // one window for all files: setting up one for each took four of five minutes
    isolate: false,
    pool: 'threads',
    // a busy machine of two cores
    testTimeout: 20_000,
    include: ['src/**/*.test.ts'],
    setupFiles: ['src/shared/testSetup.ts'],
    server: { deps: { inline: ['vuetify'] } },
  },
})
