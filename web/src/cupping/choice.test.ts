import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { mountApp, stubServer } from '@/shared/testMount'
import DifferenceCard from './DifferenceCard.vue'
import GuessCard from './GuessCard.vue'
import OrderCard from './OrderCard.vue'
import PreferenceCard from './PreferenceCard.vue'
import RoastOffTable from './RoastOffTable.vue'
import { button, table } from './testTables'
import TriangleTable from './TriangleTable.vue'

beforeEach(() => localStorage.setItem('barrowmist.cupper', 'Ines'))
afterEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  vi.unstubAllGlobals()
})

describe('TriangleTable', () => {
  const sets = [
    { set: 1, answered: true, cupper: 'Tobin' },
    { set: 2, answered: false },
    { set: 3, answered: false },
  ]
  it('hands out the next set that nobody answered, and keeps a choice by key', async () => {
    const sent = stubServer((method, path) =>
      method === 'POST'
        ? { status: 201, body: { set: 2, answered: true } }
        : { body: path.endsWith('/roasts') ? [] : table({ kind: 'triangle', sets }) },
    )
    const page = mountApp(TriangleTable, { id: 5 })
    await flushPromises()
    await page.find('form').trigger('submit')
    expect(page.text()).toContain('Set 2: which cup is not like the other two?')
    expect(page.find('[aria-label="Set 1, answered by Tobin"]').attributes('disabled')).toBeDefined()
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: '3', bubbles: true }))
    await flushPromises()
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))
    await flushPromises()
    expect(sent.find((s) => s.method === 'POST')?.body).toEqual({ cupper: 'Ines', set: 2, odd: 3, what: '' })
    expect(page.text()).toContain('Set 3: which cup')
  })

  it('stays at the set and says why when somebody else was faster', async () => {
    stubServer((method, path) =>
      method === 'POST'
        ? { status: 409, body: { detail: 'Set 2 was answered by Tobin already.' } }
        : { body: path.endsWith('/roasts') ? [] : table({ kind: 'triangle', sets }) },
    )
    const page = mountApp(TriangleTable, { id: 5 })
    await flushPromises()
    await page.find('form').trigger('submit')
    await page.findAll('.cup')[0]!.trigger('click')
    await button(page, 'Cup 1 is the odd one').trigger('click')
    await flushPromises()
    expect(page.find('[role=alert]').text()).toBe('Set 2 was answered by Tobin already.')
    expect(page.text()).toContain('Set 2: which cup')
  })

  it('counts once, on every screen and over a reload', async () => {
    let counted = false
    const answered = sets.map((s) => ({ ...s, answered: true }))
    const sent = stubServer((method, path) => {
      counted ||= method === 'POST'
      return path.endsWith('/difference')
        ? { body: { n: 3, right: 3, needed: 3, byGuessing: 1, leanings: [], text: 'A difference is shown.' } }
        : { body: path.endsWith('/roasts') ? [] : table({ kind: 'triangle', sets: answered, counted }) }
    })
    const page = mountApp(TriangleTable, { id: 5 })
    await flushPromises()
    expect(page.text()).toContain('Counting fixes the answers')
    await button(page, 'Count the answers').trigger('click')
    await flushPromises()
    expect(sent.filter((s) => s.method === 'POST').map((s) => s.path)).toEqual(['/api/cuppings/5/difference'])
    page.unmount()
    const again = mountApp(TriangleTable, { id: 5 })
    await flushPromises()
    expect(again.text()).not.toContain('Counting fixes')
    expect(again.text()).toContain('A difference is shown.')
  })
})

describe('DifferenceCard', () => {
  const result = {
    n: 6,
    right: 5,
    p: 0.018,
    needed: 5,
    byGuessing: 2,
    shown: true,
    people: 6,
    power: 0.4,
    atMost: 0.97,
    text: 'So.',
  }
  const sets = [
    { set: 1, answered: true, cupper: 'Ines', chosen: 2, odd: 2, what: 'flat' },
    { set: 2, answered: true, cupper: 'Tobin', chosen: 1, odd: 3 },
  ]
  it('says who took which cup only when it is told', async () => {
    stubServer(() => ({ body: result }))
    const blind = mountApp(DifferenceCard, { id: 5, sets, names: {}, told: false })
    await flushPromises()
    expect(blind.text()).toContain('So.')
    expect(blind.text()).toContain('2 %')
    expect(blind.text()).not.toContain('Tobin')
    const told = mountApp(DifferenceCard, { id: 5, sets, names: { A: 'Hill', B: 'Slope' }, told: true })
    await flushPromises()
    expect(told.text()).toContain('Hill beside Slope')
    expect(told.findAll('tbody tr')[0]!.text()).toContain('2: right')
    expect(told.findAll('tbody tr')[1]!.text()).toContain('the odd one was 3')
  })
})

describe('RoastOffTable', () => {
  it('puts the samples in order by touch, takes one back, and sends the best first', async () => {
    const samples = [{ code: '214' }, { code: '507' }, { code: '831' }]
    const sent = stubServer((method, path, body) =>
      method === 'POST'
        ? { status: 201, body }
        : { body: path.endsWith('/roasts') ? [] : table({ kind: 'roast-off', samples }) },
    )
    const page = mountApp(RoastOffTable, { id: 5 })
    await flushPromises()
    await page.find('form').trigger('submit')
    for (const code of ['831', '214', '507']) {
      await button(page, code).trigger('click')
    }
    await page.find('[aria-label="Take 214 out of the order"]').trigger('click')
    expect(button(page, '1 to go').attributes('disabled')).toBeDefined()
    await button(page, '214').trigger('click')
    await button(page, 'Keep my order').trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.method === 'POST')?.body).toEqual({
      cupper: 'Ines',
      order: ['831', '507', '214'],
    })
    expect(page.find('[role=status]').text()).toContain('Thank you, Ines')
    await button(page, 'Next person').trigger('click')
    expect(page.text()).toContain('Who ranks them?')
  })
})

describe('OrderCard', () => {
  it('takes the best alone where no more is asked, and with whom somebody came', async () => {
    const sent = stubServer(() => ({
      status: 201,
      body: { cupper: 'Ines', order: ['507'], party: 'guest' },
    }))
    const card = mountApp(OrderCard, { id: 5, codes: ['214', '507'], cupper: 'Ines', choice: 'best' })
    expect(card.text()).toContain('Touch the one you like best')
    await button(card, '507').trigger('click')
    expect(card.text()).not.toContain('214')
    await button(card, 'a guest').trigger('click')
    await button(card, 'Keep my vote').trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.body).toEqual({ cupper: 'Ines', order: ['507'], party: 'guest' })
    expect(card.text()).toContain('Thank you, Ines')
  })
})

describe('GuessCard', () => {
  it('keeps a guess, and nothing where nothing was guessed', async () => {
    const sent = stubServer(() => ({ status: 201, body: {} }))
    const card = mountApp(GuessCard, { id: 5, cupper: 'Ines' })
    expect(button(card, 'Keep my guess').attributes('disabled')).toBeDefined()
    await card.find('input').setValue('Rwanda')
    await card.find('form').trigger('submit')
    await flushPromises()
    expect(sent.at(-1)?.body).toEqual({ cupper: 'Ines', origin: 'Rwanda' })
    expect(card.text()).toContain('told at the reveal')
  })
})

describe('PreferenceCard', () => {
  const liked = {
    n: 1,
    choice: 'order',
    votes: [
      { code: '214', votes: 0, lower: 0, upper: 0.79 },
      { code: '507', votes: 1, lower: 0.21, upper: 1 },
    ],
    voted: 'No winner shown.',
    own: 0,
    parties: [],
    guesses: [],
    rankSums: [
      { code: '214', sum: 2 },
      { code: '507', sum: 1 },
    ],
    pairs: [],
    rankings: [{ cupper: 'Ines', order: ['507', '214'] }],
    text: 'One person’s order.',
  }
  it('shows the best first, and nothing that one order cannot say', async () => {
    stubServer(() => ({ body: liked }))
    const card = mountApp(PreferenceCard, { id: 5, names: { 214: 'Hill', 507: 'Slope' } })
    await flushPromises()
    expect(card.findAll('tbody tr').map((r) => r.text())).toEqual([
      expect.stringContaining('507 · Slope'),
      expect.stringContaining('214 · Hill'),
    ])
    expect(card.text()).not.toContain('Friedman')
    expect(card.text()).toContain('1 person')
  })

  it('says votes with their interval, one’s own entry, guests apart and what was guessed', async () => {
    const more = {
      choice: 'best',
      rankSums: [],
      own: 1,
      withoutOwn: 'Slope is liked best.',
      parties: [
        { party: 'guest', people: 6, votes: [], text: 'Hill is liked best.' },
        { party: 'trade', people: 3, votes: [], text: 'No winner shown.' },
      ],
      guesses: [
        { cupper: 'Ines', origin: 'Rwanda', originRight: true, process: 'natural', processRight: false },
      ],
    }
    stubServer(() => ({ body: { ...liked, ...more } }))
    const card = mountApp(PreferenceCard, { id: 5, names: { 214: 'Hill', 507: 'Slope' } })
    await flushPromises()
    expect(card.find('tbody tr').text()).toContain('507 · Slope121 to 100 %')
    expect(card.text()).toContain('1 person put their own entry first. Without them: Slope is liked best.')
    expect(card.text()).toContain('Guests (6): Hill is liked best.')
    expect(card.text()).toContain('Rwanda ✓')
    expect(card.text()).toContain('natural ✗')
    expect(card.text()).not.toContain('Mean place')
  })

  it('says chance and pairs where there are several', async () => {
    const pairs = [{ a: '214', b: '507', p: 0.0004 }]
    stubServer(() => ({ body: { ...liked, n: 9, pairs, p: 0.012, kendallW: 0.6 } }))
    const card = mountApp(PreferenceCard, { id: 5, names: { 214: 'Hill', 507: 'Slope' } })
    await flushPromises()
    expect(card.text()).toContain('1.2 %')
    expect(card.text()).toContain('Hill and Slope')
    expect(card.text()).toContain('under 0.1 %')
  })
})
