import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { mountApp, stubServer, type Reply } from '@/shared/testMount'
import { useWho } from '@/shared/who'
import PeoplePage from './PeoplePage.vue'
import SignIn from './SignIn.vue'

const OPEN = { accounts: false, open: true, code: false }
const OUT = { accounts: true, open: false, code: false }
const LEAD = { ...OUT, name: 'Maren', role: 'lead' }
const TOBIN = { id: 2, name: 'Tobin', role: 'cupper', devices: 2, version: 3 }

/** A lab in which this is answered to who asks, and to everything else nothing in particular. */
function lab(session: object, replies: Record<string, object> = {}) {
  return stubServer((method, path) => {
    const reply = replies[`${method} ${path}`] ?? (path === '/api/session' && method === 'GET' ? session : [])
    return 'status' in reply ? (reply as Reply) : { body: reply }
  })
}
async function shown(page: Parameters<typeof mountApp>[0]) {
  const mounted = mountApp(page)
  await useWho().refresh()
  await flushPromises()
  return mounted
}

describe('the way in', () => {
  it('signs in by name and password, and says what was wrong at the field', async () => {
    const refused = { status: 422, body: { problems: [{ field: 'password', message: 'Nobody has this' }] } }
    const sent = lab(OUT, { 'POST /api/session': refused })
    const form = await shown(SignIn)
    const fields = form.findAll('input')
    expect(fields).toHaveLength(2)
    await fields[0]!.setValue('Maren')
    await fields[1]!.setValue('fog on the moor')
    await form.find('form').trigger('submit')
    await flushPromises()
    expect(sent.at(-1)).toMatchObject({
      path: '/api/session',
      body: { name: 'Maren', password: 'fog on the moor' },
    })
    expect(form.text()).toContain('Nobody has this')
    expect(useWho().needed).toBe(true)
    expect(form.emitted('done')).toBeUndefined()
  })

  it('asks for the printed code where the first account is made from another device', async () => {
    const sent = lab({ ...OUT, accounts: false, code: true }, { 'POST /api/session/first': LEAD })
    const form = await shown(SignIn)
    const fields = form.findAll('input')
    expect(fields).toHaveLength(3)
    await fields[0]!.setValue('Maren')
    await fields[1]!.setValue('fog on the moor')
    await fields[2]!.setValue('ABCDE23456')
    await form.find('form').trigger('submit')
    await flushPromises()
    expect(sent.at(-1)).toMatchObject({ path: '/api/session/first', body: { code: 'ABCDE23456' } })
    expect(useWho().needed).toBe(false)
    expect(form.emitted('done')).toHaveLength(1)
  })

  it('tells a lead how to come in without the password', async () => {
    lab(OUT)
    const form = await shown(SignIn)
    await form
      .findAll('button')
      .find((b) => b.text() === 'Password lost')!
      .trigger('click')
    expect(form.text()).toContain('BARROWMIST_RECOVER')
    expect(form.findAll('input')).toHaveLength(3)
  })
})

describe('PeoplePage', () => {
  it('offers the first account where nobody has one', async () => {
    lab(OPEN, { 'GET /api/network': { beyond: false, addresses: [] } })
    const page = await shown(PeoplePage)
    expect(page.text()).toContain('The first account')
    expect(page.text()).toContain('BARROWMIST_ADDRESS')
    expect(page.text()).not.toContain('Accounts')
  })

  it('shows the lead all accounts, and changes a role from the version that was seen', async () => {
    const sent = lab(LEAD, {
      'GET /api/people': [TOBIN],
      'GET /api/network': { beyond: true, addresses: ['https://192.0.2.4:8080'], fingerprint: 'AB:CD' },
    })
    const page = await shown(PeoplePage)
    expect(page.text()).toContain('2 devices')
    expect(page.text()).toContain('AB:CD')
    expect(page.find('figure img').attributes('src')).toMatch(/^data:image/)
    page.findAllComponents({ name: 'VSelect' })[0]!.vm.$emit('update:modelValue', 'roaster')
    await flushPromises()
    expect(sent.find((c) => c.method === 'PUT')).toMatchObject({
      path: '/api/people/2',
      body: { role: 'roaster', version: 3 },
    })
  })

  it('shows a token once', async () => {
    lab(LEAD, {
      'POST /api/tokens': {
        id: 1,
        name: 'Stock',
        role: 'reader',
        madeBy: 'Maren',
        madeAt: '2026-03-02',
        token: 'shh',
      },
    })
    const page = await shown(PeoplePage)
    const form = page.findAll('form').find((f) => f.text().includes('Make a token'))!
    await form.find('input').setValue('Stock')
    await form.trigger('submit')
    await flushPromises()
    expect(page.text()).toContain('shown this once')
    expect(page.text()).toContain('shh')
  })

  it('shows a reader their own account and no other', async () => {
    lab({ ...OUT, name: 'Ines', role: 'reader' })
    const page = await shown(PeoplePage)
    expect(page.text()).toContain('changes nothing')
    expect(page.text()).not.toContain('Add somebody')
  })
})
