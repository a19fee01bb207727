import { mount } from '@vue/test-utils'
import { createMemoryHistory, createRouter } from 'vue-router'
import { defineComponent, h } from 'vue'
import { expect, it } from 'vitest'
import { useGoOn } from './useGoOn'

async function press(leave: boolean) {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:all(.*)*', component: { render: () => h('div') } }],
  })
  await router.push('/trace/14?from=list')
  let goOn!: (to: string) => Promise<void>
  mount(
    defineComponent({
      setup() {
        goOn = useGoOn()
        return () => h('div')
      },
    }),
    { global: { plugins: [router] } },
  )
  if (leave) {
    await router.push('/trace')
  }
  await goOn('/plan/3')
  return router.currentRoute.value.path
}

it('goes on to what was made', async () => {
  expect(await press(false)).toBe('/plan/3')
})

it('leaves whoever went elsewhere where they are', async () => {
  expect(await press(true)).toBe('/trace')
})
