import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { mountApp, stubServer } from '@/shared/testMount'
import BeforePour from './BeforePour.vue'
import CupperPage from './CupperPage.vue'
import CuppersPage from './CuppersPage.vue'
import KeyPart from './KeyPart.vue'
import PlacesForm from './PlacesForm.vue'
import PreparePage from './PreparePage.vue'
import TableNote from './TableNote.vue'
import type { Clock } from './clock'
import { samplesOf, told } from './laying'
import { button, select, table } from './testTables'

beforeEach(() => localStorage.clear())
afterEach(() => vi.unstubAllGlobals())

describe('PreparePage', () => {
  const sheet = {
    id: 5,
    cuppedAt: '2026-03-02T09:00:00Z',
    kind: 'scoring',
    blind: 'coded',
    samples: [
      { code: '214', roastId: 7, what: 'Hill, roast 1', doseG: 8.25, cups: 5, purgeG: 8.25, totalG: 49.5 },
    ],
    sets: [],
    steps: ['Pour.'],
    warnings: ['Hill has not rested.'],
    cautions: ['Mind the steam.'],
    things: [{ word: 'cocoa', thing: 'cocoa powder' }],
  }
  const server = (own = table()) =>
    stubServer((_method, path) => ({
      body: path.includes('/preparation')
        ? sheet
        : path.endsWith('/vocabulary')
          ? [
              {
                word: 'cocoa',
                group: 'deep',
                pointsTo: '',
                alsoFoundBy: [],
                column: 2,
                row: 0,
                reference: 'cocoa powder',
              },
              { word: 'musty', group: 'foreign', pointsTo: '', alsoFoundBy: [], column: 1, row: 2 },
            ]
          : path.endsWith('/clock')
            ? { steps: [], samples: [] }
            : own,
    }))

  it('asks before it shows what stands under a code', async () => {
    const sent = server()
    const page = mountApp(PreparePage)
    await flushPromises()
    expect(page.text()).toContain('that it was looked at is noted')
    expect(sent.some((s) => s.path.includes('/preparation'))).toBe(false)
    await button(page, 'Show the preparation sheet').trigger('click')
    await flushPromises()
    expect(page.text()).toContain('Hill, roast 1')
    expect(page.text()).toContain('49.5 g')
    expect(page.text()).toContain('Mind the steam.')
    expect(page.text()).toContain('Print the labels')
  })

  it('shows an open table at once, remembers what is ground and what is put out', async () => {
    const sent = server(table({ blind: 'open' }))
    const page = mountApp(PreparePage)
    await flushPromises()
    expect(page.text()).toContain('Hill has not rested.')
    await page.find('input[type=checkbox]').setValue(true)
    expect(page.find('tr.done').exists()).toBe(true)
    await button(page, 'choose words').trigger('click')
    expect(page.find('.map').text()).not.toContain('musty')
    await button(page, 'cocoa').trigger('click')
    await flushPromises()
    expect(sent.filter((s) => s.path.includes('/preparation'))).toHaveLength(2)
    expect(page.find('a[href*=preparation]').attributes('href')).toContain('words=cocoa')
  })
})

describe('KeyPart', () => {
  it('puts the key away, and fetches it with a reason', async () => {
    const sent = stubServer(() => ({ status: 204, body: undefined }))
    const part = mountApp(KeyPart, { table: table() })
    await button(part, 'Put the key away').trigger('click')
    await flushPromises()
    expect(sent.at(-1)).toMatchObject({ method: 'PUT', path: '/api/cuppings/5/seal' })
    const sealed = mountApp(KeyPart, { table: table({ seal: { sealedAt: '2026-03-02T09:00:00Z' } }) })
    expect(sealed.text()).toContain('The key was put away')
    expect(sealed.text()).not.toContain('Key…')
    await button(sealed, 'Fetch the key').trigger('click')
    expect(button(sealed, 'Fetch the key').attributes('disabled')).toBeDefined()
    await sealed.find('input').setValue('A bowl broke')
    await sealed.find('form').trigger('submit')
    await flushPromises()
    expect(sent.find((s) => s.path.endsWith('/seal/break'))?.body).toEqual({ reason: 'A bowl broke' })
  })
})

describe('TableNote', () => {
  it('keeps what it was written over, and overwrites nothing unasked', async () => {
    let refuse = true
    const sent = stubServer(() =>
      refuse
        ? { status: 409, body: { detail: 'Somebody else wrote a note.', note: 'theirs' } }
        : { body: table() },
    )
    const note = mountApp(TableNote, { id: 5, note: 'warm grinder' })
    await note.find('textarea').setValue('mine')
    await button(note, 'Keep the note').trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.body).toEqual({ note: 'mine', before: 'warm grinder' })
    expect(note.text()).toContain('There stands now: theirs')
    refuse = false
    await button(note, 'Mine instead').trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.body).toEqual({ note: 'mine', before: 'theirs' })
    expect(note.emitted('kept')).toHaveLength(1)
  })
})

describe('PlacesForm', () => {
  it('asks for the marks under the cups of each set', async () => {
    const sent = stubServer(() => ({ status: 204, body: undefined }))
    const form = mountApp(PlacesForm, {
      table: table({ kind: 'triangle', blind: 'underside', marks: ['CD', 'KV'], sets: [{ set: 1 }] }),
    })
    await flushPromises()
    expect(sent.some((s) => s.path.endsWith('/key'))).toBe(false)
    for (const [cup, mark] of [0, 1, 0].entries()) {
      expect(select(form, `Set 1, cup ${cup + 1}`).props('items')).toHaveLength(2)
      select(form, `Set 1, cup ${cup + 1}`).vm.$emit('update:modelValue', mark)
      await flushPromises()
    }
    await form.find('form').trigger('submit')
    await flushPromises()
    expect(sent.find((s) => s.method === 'PUT')?.body).toEqual([
      { set: 1, place: 1, mark: 'CD' },
      { set: 1, place: 2, mark: 'KV' },
      { set: 1, place: 3, mark: 'CD' },
    ])
  })
})

describe('BeforePour', () => {
  const at = (pourBy?: string) =>
    mountApp(BeforePour, {
      clock: { samples: [], covered: false, pourBy } as unknown as Clock,
      nowMs: Date.parse('2026-03-02T09:10:00Z'),
    })
  it('waits for the water from the first grind on, and says when it is too late', async () => {
    const none = at()
    await none.find('input[type=checkbox]').setValue(true)
    await button(none, 'Ground: the first of it').trigger('click')
    expect(none.emitted('ground')).toEqual([[true]])
    expect(at('2026-03-02T09:15:00Z').text()).toContain('Pour within 5:00')
    expect(at('2026-03-02T09:08:30Z').text()).toContain('Ground 1:30 too long')
  })
})

describe('a cupper’s history', () => {
  it('says offset, use of the scale and repeats, and no mark', async () => {
    stubServer(() => ({
      body: {
        name: 'Ines',
        offset: -1.2,
        scale: 0.5,
        tables: [{ cuppingId: 5, cuppedAt: '2026-03-02T09:00:00Z', samples: 3, cuppers: 1 }],
        sets: 6,
        right: 4,
        byGuessing: 2,
        words: ['cocoa'],
      },
    }))
    const page = mountApp(CupperPage)
    await flushPromises()
    expect(page.text()).toContain('−1.2 points')
    expect(page.text()).toContain('little of it: scores lie 50 % as far apart')
    expect(page.text()).toContain('no hidden pair yet')
    expect(page.text()).toContain('4 of 6 sets right; guessing gives 2.0')
    expect(page.find('.dot').exists()).toBe(false)
  })

  it('lists who has sat at a table', async () => {
    stubServer(() => ({ body: [{ name: 'Ines K.', tables: 3 }] }))
    const page = mountApp(CuppersPage)
    await flushPromises()
    expect(page.find('a').attributes('href')).toBe('/cupping/cuppers/Ines%20K.')
    expect(page.text()).toContain('3 tables')
  })
})

describe('what is laid', () => {
  const chosen = {
    chosen: [1, 2],
    twice: [1],
    treated: { 2: ' sorted ' },
    entrants: { 1: 'Tobin' },
    outside: [],
  }
  it('lies twice only where a pair may hide, and is somebody’s entry only at a roast-off', () => {
    expect(samplesOf(chosen, { pairs: true, entries: false })).toEqual([
      { roastId: 1, times: 2, entrant: undefined },
      { roastId: 2, times: 1, entrant: undefined },
      { roastId: 2, times: 1, treatment: 'sorted' },
    ])
    expect(samplesOf(chosen, { pairs: false, entries: true })[0]).toEqual({
      roastId: 1,
      times: 1,
      entrant: 'Tobin',
    })
  })
  it('says what being blind asks', () => {
    expect(told(true, 'underside')).toContain('one is taken away unseen')
    expect(told(true, 'coded')).toContain('key')
    expect(told(false, 'open')).toContain('Everybody')
  })
})
