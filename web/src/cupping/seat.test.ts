import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { answer, api, askWith } from '@/shared/api/client'
import { mountApp, stubServer } from '@/shared/testMount'
import JoinNote from './JoinNote.vue'
import JoinPage from './JoinPage.vue'
import SeatPage from './SeatPage.vue'
import { keepSeat } from './seat'
import { button, emptySheet, FORMS } from './testTables'
import { forms } from './useForms'

const seatTable = (more: object = {}) => ({
  id: 0,
  kind: 'scoring',
  form: 'hundred-point',
  cups: 5,
  cupper: 'Ines',
  codes: ['507', '214'],
  sheets: [],
  sets: [],
  clock: { now: '2026-03-02T09:00:00Z', steps: [], samples: [], gapS: 20, readings: 0 },
  vocabulary: [],
  ...more,
})
beforeEach(() => {
  localStorage.clear()
  forms.value = FORMS
})
afterEach(() => {
  askWith(undefined)
  document.body.innerHTML = ''
  vi.unstubAllGlobals()
})

describe('a token', () => {
  it('goes with every call until it is put away', async () => {
    const seen: (string | null)[] = []
    vi.stubGlobal('fetch', async (request: Request) => {
      seen.push(request.headers.get('Authorization'))
      return new Response('[]', { headers: { 'Content-Type': 'application/json' } })
    })
    askWith('secret')
    await answer(api.GET('/api/lots'))
    askWith(undefined)
    await answer(api.GET('/api/lots'))
    expect(seen).toEqual(['Bearer secret', null])
  })
})

describe('JoinPage', () => {
  it('sits down by code and name, and says why not', async () => {
    let refused = true
    const sent = stubServer(() =>
      refused
        ? {
            status: 422,
            body: { problems: [{ field: 'joinCode', message: 'No table waits under this code' }] },
          }
        : { status: 201, body: { cuppingId: 7, token: 'secret' } },
    )
    const page = mountApp(JoinPage)
    const [code, name] = page.findAll('input')
    await code!.setValue('acd379')
    await name!.setValue('Ines')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(page.find('[role=alert]').text()).toBe('No table waits under this code')
    refused = false
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(sent.at(-1)!.body).toEqual({ joinCode: 'acd379', cupper: 'Ines' })
    expect(localStorage.getItem('barrowmist.seat.7')).toBe('secret')
  })
})

describe('SeatPage', () => {
  // the address of the test has no number: the table is NaN
  const seat = () => keepSeat(NaN, 'secret')

  it('goes through the codes in the cupper’s own order', async () => {
    seat()
    const sent = stubServer((method) =>
      method === 'POST' ? { status: 201, body: emptySheet('507') } : { body: seatTable() },
    )
    const page = mountApp(SeatPage)
    await flushPromises()
    const codes = page.findAll('nav button')
    expect(codes.map((b) => b.text())).toEqual(['507', '214'])
    await codes[0]!.trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.method === 'POST')?.body).toEqual({ code: '507' })
    expect(page.text()).toContain('Cup by cup')
    expect(sent.every((s) => /^\/api\/(cuppings\/NaN\/|cupping-forms)/.test(s.path))).toBe(true)
  })

  it('begins every sheet at once, and opens the one that was seen last when the network is gone', async () => {
    seat()
    let gone = false
    const sheets: object[] = []
    const sent = stubServer((method, _path, body) => {
      if (gone) {
        return 'unreachable'
      }
      const { code } = (body || {}) as { code?: string }
      if (method === 'POST' && code) {
        sheets.push({ ...emptySheet(code), id: code === '507' ? 11 : 12 })
      }
      return { body: method === 'GET' ? seatTable({ sheets: [...sheets] }) : sheets.at(-1) }
    })
    const page = mountApp(SeatPage)
    await vi.waitFor(() => expect(page.text()).toContain('Side by side'))
    expect(sent.filter((s) => s.method === 'POST').map((s) => s.body)).toEqual([
      { code: '507' },
      { code: '214' },
    ])
    gone = true
    await page.findAll('nav button')[1]!.trigger('click')
    await flushPromises()
    expect(page.text()).toContain('Cup by cup')
    expect(page.find('h1').text()).toBe('214')
  })

  it('lays one attribute of all samples side by side', async () => {
    seat()
    const sheets = [
      { ...emptySheet('507'), id: 11 },
      { ...emptySheet('214'), id: 12 },
    ]
    const sent = stubServer((method) => ({ body: method === 'PUT' ? sheets[0] : seatTable({ sheets }) }))
    const page = mountApp(SeatPage)
    await vi.waitFor(() => expect(page.text()).toContain('Side by side'))
    await button(page, 'Side by side').trigger('click')
    await button(page, 'acidity').trigger('click')
    const rows = page.findAll('[role=slider]')
    expect(rows.map((r) => r.attributes('aria-label'))).toEqual(['507', '214'])
    await rows[0]!.trigger('keydown', { key: '8' })
    await vi.waitFor(() => expect(sent.some((s) => s.method === 'PUT')).toBe(true))
    expect(sent.find((s) => s.method === 'PUT')).toMatchObject({
      path: '/api/cuppings/5/sheets/11',
      body: { attributes: { acidity: 8 } },
    })
  })

  it('says that the table is over when its token opens nothing any more', async () => {
    seat()
    stubServer(() => ({ status: 401, body: { detail: 'This token opens nothing' } }))
    const page = mountApp(SeatPage)
    await flushPromises()
    expect(page.text()).toContain('over for this device')
    expect(page.find('a').attributes('href')).toBe('/join')
  })

  it('finds a choice and an order again that were not sent before a reload', async () => {
    seat()
    const sets = [
      { set: 1, answered: false },
      { set: 2, answered: false },
    ]
    stubServer(() => ({ body: seatTable({ form: undefined, kind: 'triangle', sets }) }))
    const before = mountApp(SeatPage)
    await flushPromises()
    await button(before, '2').trigger('click')
    await before.findAll('.cup')[2]!.trigger('click')
    await before.find('input').setValue('sweeter')
    before.unmount()
    seat()
    const after = mountApp(SeatPage)
    await flushPromises()
    expect(after.text()).toContain('Set 2: which cup')
    expect(after.text()).toContain('Cup 3 is the odd one')
    expect(after.find('input').element.value).toBe('sweeter')
    after.unmount()

    seat()
    stubServer(() => ({ body: seatTable({ form: undefined, kind: 'roast-off' }) }))
    const ranking = mountApp(SeatPage)
    await flushPromises()
    await button(ranking, '214').trigger('click')
    ranking.unmount()
    seat()
    const again = mountApp(SeatPage)
    await flushPromises()
    expect(again.text()).toContain('1 to go')
    expect(again.find('ol').text()).toContain('214')
  })

  it('hands out sets of a triangle, and takes an order of a roast-off', async () => {
    seat()
    stubServer(() => ({
      body: seatTable({ form: undefined, kind: 'triangle', sets: [{ set: 1, answered: false }] }),
    }))
    const triangle = mountApp(SeatPage)
    await flushPromises()
    expect(triangle.text()).toContain('Set 1: which cup')
    triangle.unmount()
    seat()
    stubServer(() => ({ body: seatTable({ form: undefined, kind: 'roast-off', ranking: ['214', '507'] }) }))
    const off = mountApp(SeatPage)
    await flushPromises()
    expect(off.text()).toContain('Kept. Thank you, Ines.')
  })
})

describe('JoinNote', () => {
  it('says the code, and that other devices need another address than this computer’s own', () => {
    const note = mountApp(JoinNote, { code: 'ACD379' })
    expect(note.text()).toContain('ACD379')
    expect(note.text()).toContain('to its own computer only')
    expect(note.find('img').exists()).toBe(false)
  })
})
