import { flushPromises } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { describe, expect, it } from 'vitest'
import { answer, api, askWith } from './client'
import { stubServer } from '@/shared/testMount'
import { useWho } from '@/shared/who'

describe('a session that ends', () => {
  it('is noticed at the next call, but not by a seat, whose token is its own', async () => {
    setActivePinia(createPinia())
    const who = useWho()
    stubServer((_method, path) =>
      path === '/api/session' ? { body: { accounts: true, open: false, code: false } } : { status: 401 },
    )
    askWith('a seat’s')
    await answer(api.GET('/api/today'))
    await flushPromises()
    expect(who.needed).toBe(false)
    askWith(undefined)
    await answer(api.GET('/api/today'))
    await flushPromises()
    expect(who.needed).toBe(true)
  })

  it('proves at each change that our own page asks', async () => {
    document.cookie = 'XSRF-TOKEN=proof%21'
    const proofs: (string | null)[] = []
    stubServer(() => ({ body: {} }))
    const stub = globalThis.fetch
    globalThis.fetch = (request) => {
      proofs.push((request as Request).headers.get('X-XSRF-TOKEN'))
      return stub(request)
    }
    await answer(api.GET('/api/today'))
    await answer(api.DELETE('/api/session'))
    document.cookie = 'XSRF-TOKEN=; max-age=0'
    expect(proofs).toEqual([null, 'proof!'])
  })
})
