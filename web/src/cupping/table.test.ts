import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Schemas } from '@/shared/api/client'
import { mountApp, stubServer } from '@/shared/testMount'
import CuppingPage from './CuppingPage.vue'
import LayTable from './LayTable.vue'
import PanelCard from './PanelCard.vue'
import RevealCard from './RevealCard.vue'

const roast = (id: number, lotName: string) =>
  ({ id, lotName, number: 1, process: 'washed', roastedAt: '2026-03-01T09:00:00Z' }) as Schemas['RoastView']
const table = (more: object = {}) =>
  ({
    id: 5,
    cuppedAt: '2026-03-02T09:00:00Z',
    cups: 5,
    kind: 'scoring',
    form: 'hundred-point',
    blind: 'coded',
    told: false,
    samples: [{ code: '214' }, { code: '907' }],
    progress: [],
    unfinished: 1,
    sets: [],
    ranked: [],
    joined: [],
    roastIds: [],
    sheets: [],
    ...more,
  }) as unknown as Schemas['CuppingView']

const sheet = {
  id: 3,
  cuppingId: 5,
  code: '214',
  cupper: 'Ines',
  attributes: {},
  cups: [],
  words: [],
  unscored: [],
  runningTotal: 30,
  uniformity: 10,
  cleanCup: 10,
  sweetness: 10,
  defects: 0,
  version: 0,
}

beforeEach(() => localStorage.clear())
afterEach(() => vi.unstubAllGlobals())

const USUAL = { doseG: 8.25, waterMl: 150, waterC: 93 }
const select = (form: ReturnType<typeof mountApp>, label: string) =>
  form.findAllComponents({ name: 'VSelect' }).find((c) => c.props('label') === label)!

describe('LayTable', () => {
  it('lays a roast a second time, treated otherwise', async () => {
    const sent = stubServer((method) =>
      method === 'POST' ? { status: 201, body: { id: 5 } } : { body: USUAL },
    )
    const form = mountApp(LayTable, { roasts: [roast(7, 'Hill')], waiting: [], chosen: [7] })
    select(form, 'What is asked').vm.$emit('update:modelValue', 'triangle')
    await flushPromises()
    await form.find('input[placeholder="quakers picked out"]').setValue('left open three days')
    await form.find('form').trigger('submit')
    await flushPromises()
    expect(sent.find((x) => x.method === 'POST')?.body).toMatchObject({
      samples: [{ roastId: 7 }, { roastId: 7, treatment: 'left open three days' }],
    })
  })

  it('lays a triangle of two samples, each once, and says what its sets can show', async () => {
    const sent = stubServer((method, path) =>
      method === 'POST'
        ? { status: 201, body: { id: 5 } }
        : { body: path.startsWith('/api/triangle-plan') ? { text: '10 right of 18 show it.' } : USUAL },
    )
    const form = mountApp(LayTable, {
      roasts: [roast(7, 'Hill'), roast(8, 'Slope')],
      waiting: [7, 8],
      chosen: [7],
    })
    select(form, 'What is asked').vm.$emit('update:modelValue', 'triangle')
    await flushPromises()
    expect(form.text()).toContain('10 right of 18 show it.')
    expect(form.text()).toContain('choose two')
    expect(form.find('button[type=submit]').attributes('disabled')).toBeDefined()
    await form.findAll('input[type=checkbox]')[1]!.setValue(true)
    await form.find('form').trigger('submit')
    await flushPromises()
    expect(sent.find((x) => x.method === 'POST')?.body).toMatchObject({
      kind: 'triangle',
      blind: 'coded',
      assessments: 18,
      samples: [
        { roastId: 7, times: 1 },
        { roastId: 8, times: 1 },
      ],
    })
  })

  it('sends what is laid, a hidden pair twice, with a decimal comma in the dose', async () => {
    const sent = stubServer((method) =>
      method === 'POST' ? { status: 201, body: { id: 5 } } : { body: USUAL },
    )
    const form = mountApp(LayTable, {
      roasts: [roast(7, 'Hill'), roast(8, 'Slope')],
      waiting: [7, 8],
      chosen: [7],
    })
    select(form, 'Who may know').vm.$emit('update:modelValue', 'coded')
    await flushPromises()
    const twice = form
      .findAllComponents({ name: 'VCheckbox' })
      .find((c) => c.props('label') === 'under two codes')!
    await twice.find('input').setValue(true)
    const texts = form.findAll('input[type=text]')
    await texts
      .filter((i) => i.element.getAttribute('maxlength') === '200')
      .at(-1)!
      .setValue(' Corner shop ')
    const dose = form.findAllComponents({ name: 'NumberField' }).find((c) => c.props('label') === 'Dose')!
    await dose.find('input').setValue('8,5')
    expect(form.text()).toContain('Begin with 2 samples')
    await form.find('form').trigger('submit')
    await flushPromises()
    expect(sent.find((x) => x.method === 'POST')?.body).toEqual({
      kind: 'scoring',
      cups: 5,
      blind: 'coded',
      protocol: { doseG: 8.5, waterMl: 150, waterC: 93 },
      samples: [
        { roastId: 7, times: 2 },
        { outside: { name: 'Corner shop' }, times: 1 },
      ],
    })
  })

  it('says what is wrong and keeps what was laid', async () => {
    stubServer(() => ({
      status: 422,
      body: { detail: 'Not kept', problems: [{ field: 'samples', message: 'Too many samples' }] },
    }))
    const form = mountApp(LayTable, { roasts: [roast(7, 'Hill')], waiting: [7], chosen: [] })
    await form.find('input[type=checkbox]').setValue(true)
    await form.find('form').trigger('submit')
    await flushPromises()
    expect(form.find('p[role=alert]').text()).toBe('Too many samples')
    form.unmount()
    const again = mountApp(LayTable, { roasts: [roast(7, 'Hill')], waiting: [7], chosen: [] })
    expect(again.text()).toContain('Begin with 1 sample')
  })
})

describe('a coded table', () => {
  it('asks who cups, and takes the first code in hand under that name', async () => {
    const sent = stubServer((method, path) =>
      method === 'POST'
        ? {
            status: 201,
            body: sheet,
          }
        : { body: path.endsWith('NaN') ? table() : [] },
    )
    const page = mountApp(CuppingPage)
    await flushPromises()
    expect(page.text()).toContain('Who cups here?')
    expect(page.find('[aria-label="Samples on the table"]').exists()).toBe(false)
    await page.find('form.seat input').setValue('Ines')
    await page.find('form.seat').trigger('submit')
    await flushPromises()
    expect(sent.find((s) => s.method === 'POST')?.body).toEqual({ code: '214', cupper: 'Ines' })
    page.unmount()
  })

  it('seats who sat there before the page was left', async () => {
    localStorage.setItem('barrowmist.cupper', 'Ines')
    const progress = [{ sheetId: 3, cupper: 'Ines', code: '214', unscored: 7 }]
    const sent = stubServer((_, path) => ({
      body: path.endsWith('NaN') ? table({ progress }) : path.includes('/sheets/') ? sheet : [],
    }))
    const page = mountApp(CuppingPage)
    await flushPromises()
    expect(sent.some((s) => s.path.endsWith('/sheets/3'))).toBe(true)
    expect(page.text()).not.toContain('Who cups here?')
    page.unmount()
  })
})

describe('RevealCard', () => {
  it('asks what stands at each place before a shuffled table is revealed', async () => {
    const keyed = {
      samples: [
        { code: '', roastId: 7 },
        { code: '', outside: { name: 'A bag' } },
      ],
      sets: [],
    }
    const sent = stubServer((_method, path) => ({ body: path.endsWith('/key') ? keyed : [roast(7, 'Hill')] }))
    const shuffled = {
      blind: 'underside',
      unmatched: true,
      unfinished: 0,
      samples: [{ code: '1' }, { code: '2' }],
    }
    const card = mountApp(RevealCard, { table: table(shuffled) })
    expect(card.text()).not.toContain('Key…')
    await card
      .findAll('button')
      .find((b) => b.text() === 'Reveal…')!
      .trigger('click')
    await flushPromises()
    select(card, 'Place 1').vm.$emit('update:modelValue', 1)
    await flushPromises()
    expect(select(card, 'Place 2').props('items')).toEqual([{ title: 'Hill, roast 1', value: 0 }])
    select(card, 'Place 2').vm.$emit('update:modelValue', 0)
    await flushPromises()
    await card.find('form').trigger('submit')
    await flushPromises()
    expect(sent.find((x) => x.method === 'PUT')?.body).toEqual([
      { place: 1, name: 'A bag' },
      { place: 2, roastId: 7 },
    ])
    expect(card.emitted('changed')).toHaveLength(1)
    await card.setProps({ table: table({ ...shuffled, unmatched: false }) })
    expect(card.text()).toContain('Reveal the table')
  })

  it('frees the seat of somebody who comes back with another device, asked twice', async () => {
    const sent = stubServer(() => ({ body: undefined }))
    const card = mountApp(RevealCard, { table: table({ joined: ['Ines'], joinCode: 'ACD379' }) })
    expect(card.text()).toContain('ACD379')
    await card.find('[aria-label="Free the seat of Ines"]').trigger('click')
    expect(sent).toHaveLength(0)
    await card
      .findAll('button')
      .find((b) => b.text() === 'Free the seat')!
      .trigger('click')
    await flushPromises()
    expect(sent[0]).toMatchObject({ method: 'DELETE', path: '/api/cuppings/5/seats/Ines' })
    expect(card.emitted('changed')).toHaveLength(1)
  })

  it('asks for a word while something is unfinished', async () => {
    const sent = stubServer(() => ({ body: table({ told: true }) }))
    const card = mountApp(RevealCard, {
      table: table({ progress: [{ sheetId: 3, cupper: 'Ines', code: '214', unscored: 0 }] }),
    })
    expect(card.text()).toContain('Ines 1 of 2 scored')
    await card
      .findAll('button')
      .find((b) => b.text() === 'Reveal…')!
      .trigger('click')
    expect(card.text()).toContain('1 sheet is not finished')
    await card.find('form input').setValue('the kettle broke')
    await card.find('form').trigger('submit')
    await flushPromises()
    expect(sent[0]).toMatchObject({ path: '/api/cuppings/5/reveal', body: { reason: 'the kettle broke' } })
    expect(card.emitted('changed')).toHaveLength(1)
    card.unmount()
  })

  it('shows the key only after saying that it is noted', async () => {
    const sent = stubServer((_, path) => ({
      body: path.endsWith('/key') ? { samples: [{ code: '214', roastId: 7 }], sets: [] } : [roast(7, 'Hill')],
    }))
    const card = mountApp(RevealCard, { table: table() })
    await card
      .findAll('button')
      .find((b) => b.text() === 'Key…')!
      .trigger('click')
    expect(sent).toHaveLength(0)
    expect(card.text()).toContain('is noted on the table')
    await card
      .findAll('button')
      .find((b) => b.text() === 'Show the key')!
      .trigger('click')
    await flushPromises()
    expect(card.text()).toContain('Hill, roast 1')
    card.unmount()
  })
})

describe('PanelCard', () => {
  const score = (cupper: string, points: number) => ({ cupper, score: points })
  const panel = {
    samples: [
      {
        code: '214',
        roastId: 7,
        mean: 80,
        median: 80,
        sd: 0,
        scores: [score('Ines', 80), score('Tobin', 80)],
      },
      { code: '907', mean: 84, median: 84, sd: 1.41, scores: [score('Ines', 83), score('Tobin', 85)] },
    ],
    agreement: { icc21: 0.8, icc21Lower: 0.1, icc21Upper: 0.99, kendallW: 1, smallestDifference: 2.5 },
    cuppers: [
      { name: 'Ines', offset: -0.5 },
      { name: 'Tobin', offset: 0.01 },
    ],
    leftOut: [],
    text: 'They could be told apart.',
  }

  it('puts the best first, stacks dots that are alike and says who tastes how', async () => {
    stubServer(() => ({ body: panel }))
    const sheets = [
      { code: '214', words: [{ word: 'flat', cups: [1] }] },
      { code: '214', words: [] },
    ]
    const card = mountApp(PanelCard, { id: 5, names: { '214': '214 · Hill', '907': '907 · bag' }, sheets })
    await flushPromises()
    const rows = card.findAll('tbody tr')
    expect(rows[0]!.text()).toContain('907 · bag')
    expect(rows[1]!.find('a').attributes('href')).toBe('/trace/7')
    expect(rows[1]!.text()).toContain('flat 1 of 2')
    const bottoms = rows[1]!.findAll('.dot').map((d) => (d.element as HTMLElement).style.bottom)
    expect(new Set(bottoms).size).toBe(2)
    expect(card.text()).toContain('0.80 (95 %: 0.10 to 0.99)')
    expect(card.text()).toContain('−0.5 points from the table’s mean')
    expect(card.text()).toContain('at the table’s mean')
  })

  it('says nothing of agreement where nothing can be said', async () => {
    stubServer(() => ({
      body: { ...panel, agreement: undefined, cuppers: [panel.cuppers[0]], leftOut: ['907'] },
    }))
    const card = mountApp(PanelCard, { id: 5, names: {}, sheets: [], reason: 'the kettle broke' })
    await flushPromises()
    expect(card.text()).not.toContain('ICC')
    expect(card.text()).toContain('the kettle broke')
    expect(card.text()).toContain('a score is missing: 907')
  })
})
