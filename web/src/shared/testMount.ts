import { mount, type VueWrapper } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { createMemoryHistory, createRouter } from 'vue-router'
import { defineComponent, h, type Component } from 'vue'
import { vi } from 'vitest'
import { createTheme } from '@/shared/theme/vuetify'

/** Mounts a component as it stands in the application: theme, store and a router that knows every address. */
/** @param stubs parts that are not drawn, such as a chart that needs a whole roast */
export function mountApp(
  component: Component,
  props: Record<string, unknown> = {},
  stubs: Record<string, boolean> = {},
): VueWrapper {
  const pinia = createPinia()
  setActivePinia(pinia)
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:all(.*)*', component: defineComponent({ render: () => h('div') }) }],
  })
  return mount(component, {
    props,
    global: { plugins: [pinia, router, createTheme()], stubs },
    attachTo: document.body,
  })
}

/** An answer that the stubbed server gives. */
export interface Reply {
  status?: number
  body?: unknown
}

/** A lot in the store of which nothing is known: its page asks for it whatever is tested. */
const EMPTY_STORE = {
  lotId: 0,
  details: {},
  version: 0,
  arrivedKg: 60,
  roastedKg: 0,
  kgLeft: 60,
  checks: [],
  keeps: '',
  nextCheckOn: '2026-04-01',
  checkDue: false,
  draws: [],
}

/** Stands in for the server: answers each call by its method and path, and remembers what was sent. */
export function stubServer(replies: (method: string, path: string, body: unknown) => Reply | 'unreachable') {
  const sent: { method: string; path: string; body: unknown }[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    const text = await request.clone().text()
    const url = new URL(request.url, 'http://localhost')
    const body = request.headers.get('Content-Type') === 'application/json' && text ? JSON.parse(text) : text
    const path = url.pathname + url.search
    sent.push({ method: request.method, path, body })
    const reply = replies(request.method, path, body)
    if (reply === 'unreachable') {
      throw new TypeError('Failed to fetch')
    }
    // what a roast can be made for is asked for by several cards
    const otherwise =
      url.pathname === '/api/roast-aims' ? [] : url.pathname.endsWith('/store') ? EMPTY_STORE : {}
    return new Response(JSON.stringify(reply.body ?? otherwise), {
      status: reply.status ?? 200,
      headers: { 'Content-Type': 'application/json' },
    })
  })
  return sent
}
