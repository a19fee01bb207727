import { afterEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import LotForm from '@/green/LotForm.vue'
import BesideLog from './BesideLog.vue'
import ChangeCard from './ChangeCard.vue'
import EvidenceSum from './EvidenceSum.vue'
import ForetoldList from './ForetoldList.vue'
import NextLook from './NextLook.vue'
import VerdictCard from './VerdictCard.vue'
import { elsewhere, wayTo } from './next'
import { percent } from './odds'
import TraceBoard from './TraceBoard.vue'

const finding = {
  cause: 'baked',
  label: 'baked',
  standing: 'supported',
  probability: 0.97,
  chance: 'very likely',
  atWork: 0.98,
  weight: 1.9,
  evidence: [
    { source: 'cup', text: 'flat, in all 5 cups', weight: 1, words: ['flat'] },
    { source: 'log', text: 'crashed', weight: 1.5, words: [], fromS: 480, toS: 505 },
    { source: 'bench', text: 'lively', weight: -0.6, words: [] },
  ],
  missing: [],
  verdicts: [],
}
const trace = {
  roastId: 1,
  settled: false,
  cups: 5,
  sheets: 1,
  words: [{ word: 'flat', cups: 4 }],
  findings: [finding],
  folded: [
    { ...finding, cause: 'green-mould', label: 'mould in the green', standing: 'unlikely', probability: 0 },
  ],
  sound: 0.02,
  none: 0.01,
  unexplained: false,
  rulesVersion: 4,
  missing: [],
  verdicts: [],
}

afterEach(() => {
  document.body.innerHTML = ''
  vi.unstubAllGlobals()
})

it('shows what each piece of evidence adds or takes away, and the sum', () => {
  const sum = mountApp(EvidenceSum, { finding })
  const figures = sum.findAll('b').map((b) => b.text())
  expect(figures).toEqual(['+1.0', '+1.5', '−0.6', '+1.9'])
  expect(sum.findAll('.against')).toHaveLength(1)
})

it('lights the window of the evidence that is pointed at', async () => {
  const sum = mountApp(EvidenceSum, { finding })
  await sum.findAll('li')[1]!.trigger('pointerenter')
  await sum.findAll('li')[0]!.trigger('pointerenter')
  expect(sum.emitted('light')).toEqual([[{ fromS: 480, toS: 505 }], [undefined]])
})

it('says how many cups hold a word, how likely a cause is, and folds the rest', async () => {
  const board = mountApp(TraceBoard, { trace, chosen: finding })
  expect(board.find('[aria-label="in 4 of 5 cups"]').findAll('.full')).toHaveLength(4)
  expect(board.text()).toContain('very likely')
  expect(board.text()).toContain('something else bears it out')
  expect(board.find('details').text()).toContain('1 others, and why not')
  await board.find('[data-cause=green-mould]').trigger('click')
  expect(board.emitted('choose')).toEqual([['green-mould']])
})

it('says of a sound cup that nothing is wrong, and of an unknown fault that none explains it', () => {
  const sound = mountApp(TraceBoard, {
    trace: { ...trace, findings: [], sound: 0.97, soundChance: 'likely' },
    chosen: undefined,
  })
  expect(sound.text()).toContain('Nothing is wrong with it: likely.')
  const strange = mountApp(TraceBoard, {
    trace: { ...trace, findings: [], none: 0.6, unexplained: true, noneChance: 'possible' },
    chosen: undefined,
  })
  expect(strange.text()).toContain('Something is off that no cause known here explains: possible.')
})

it('shows what speaks outside the log, not what hardly does', () => {
  const evidence = [
    { source: 'bench', text: '4 quakers in 100 g', weight: 2.2, words: [] },
    { source: 'green', text: 'sizes alike', weight: -0.9, words: [] },
    { source: 'time', text: 'cupped after 9 h', weight: 0.1, words: [] },
    { source: 'log', text: 'crashed', weight: 2, words: [] },
  ]
  const beside = mountApp(BesideLog, { finding: { ...finding, evidence } })
  expect(beside.findAll('li').map((l) => l.attributes('data-beside'))).toEqual(['bench', 'green'])
  expect(beside.findAll('.against')).toHaveLength(1)
})

it('leads straight to where a missing measurement is entered', () => {
  const missing = ['sample', 'green', 'cupping', 'rest', 'plan'].map((station) => ({
    measurement: station,
    station,
    text: `${station}.`,
    gainBits: 0.4,
    minutes: 2,
  }))
  const next = mountApp(NextLook, { missing, roast: { id: 7, lotId: 3 } })
  expect(next.findAll('a').map((a) => a.attributes('href'))).toEqual([
    '/sample/7',
    '/green/3',
    '/cupping?roast=7',
    '/rest',
  ])
  expect(wayTo('plan', { id: 7, lotId: 3 }).to).toBe('/plan/new?lot=3')
})

it.each([
  [0.99, '99 %'],
  [0.85, '85 %'],
  [0.001, 'under 1 %'],
  [0.9999, 'over 99 %'],
])('says %d as %s', (p, figure) => {
  expect(percent(p)).toBe(figure)
})

it('sends a cause that the roast cannot mend elsewhere', () => {
  expect(elsewhere('green-mould', 'supported')).toContain('contract')
  expect(elsewhere('quakers', 'supported')).toContain('sort')
  expect(elsewhere('preparation', 'supported')).toContain('cup it anew')
  expect(elsewhere('baked', 'to-watch')).toContain('the cup does not show it')
  expect(elsewhere('baked', 'unlikely')).toContain('the odds are against it')
  expect(elsewhere('baked', 'unexplained')).toContain('not borne out')
})

it('chooses a cause by click', async () => {
  const board = mountApp(TraceBoard, { trace, chosen: undefined })
  await board.find('[data-cause=baked]').trigger('click')
  expect(board.emitted('choose')).toEqual([['baked']])
})

it('shows refusals at their fields, and sends once on a double click', async () => {
  const sent = stubServer(() => ({
    status: 422,
    body: { detail: 'Nothing was kept.', problems: [{ field: 'supplier', message: 'Supplier is empty' }] },
  }))
  const form = mountApp(LotForm)
  await form.find('input').setValue('Hill')
  void form.find('form').trigger('submit')
  void form.find('form').trigger('submit')
  await flushPromises()
  await vi.waitFor(() => expect(form.text()).toContain('Supplier is empty'))
  expect(sent.filter((s) => s.method === 'POST')).toHaveLength(1)
  expect((form.find('input').element as HTMLInputElement).value).toBe('Hill')
})

it('shows what the drum’s model foretells of the change, and says when it may not', () => {
  const foretold = [
    { figure: 'firstCrackS', label: 'first crack', unit: 'seconds', before: 480, after: 492, plusMinus: 8 },
    { figure: 'dropC', label: 'drop', unit: 'celsius', before: 200, after: 203, plusMinus: 1.2 },
    { figure: 'developmentPct', label: 'development', unit: 'percent', before: 17, after: 19 },
    {
      figure: 'rorPeakCPerMin',
      label: 'peak rate of rise',
      unit: 'celsius_per_minute',
      before: 20,
      after: 18,
      plusMinus: 0.5,
    },
  ]
  const rows = mountApp(ForetoldList, { foretold })
    .findAll('tbody tr')
    .map((r) => r.findAll('td').map((d) => d.text()))
  expect(rows[0]).toEqual(['first crack', '8:00', '8:12', '± 8 s'])
  expect(rows[1]).toEqual(['drop', '200.0 °C', '203.0 °C', '± 1.2'])
  expect(rows[2]).toEqual(['development', '17.0 %', '19.0 %', ''])
  expect(rows[3]![2]).toBe('18.0 °C/min')
  expect(mountApp(ForetoldList, { foretold: [] }).text()).toContain('Not foretold')
})

it('names what else would have done it, and why another change was chosen', () => {
  stubServer(() => ({ body: { later: [], proofs: [], plans: [] } }))
  const correction = {
    change: 'gas',
    from: 80,
    to: 68,
    unit: '%',
    text: 'Give 68 % until dry end, not 80 %.',
    why: 'The ends burn.',
    mechanism: 'early-heat',
    sizing: 'Sized by this drum’s own model.',
    weighed: ['A lower charge would do it too, and costs the other aims more (by 2.5 tolerances).'],
    foretold: [],
  }
  const card = mountApp(ChangeCard, { roast: { id: 7 }, finding: { ...finding, correction }, missing: [] })
  expect(card.text()).toContain('Give 68 % until dry end')
  expect(card.text()).toContain('A lower charge would do it too')
  const alone = { ...finding, correction: { ...correction, weighed: [] } }
  expect(mountApp(ChangeCard, { roast: { id: 7 }, finding: alone, missing: [] }).text()).not.toContain(
    'do it too',
  )
})

describe('VerdictCard', () => {
  const before = [
    { cause: 'stale', label: 'stale', reason: 'An old bag.', by: 'Ines K.', at: '2026-03-05T09:00:00Z' },
    {
      cause: 'none',
      label: 'none of the causes',
      reason: 'The mug.',
      by: 'the lab',
      at: '2026-03-04T09:00:00Z',
    },
  ]

  it('shows what was held, the newest first, and says when there is none', () => {
    expect(mountApp(VerdictCard, { trace }).text()).toContain('None yet.')
    const card = mountApp(VerdictCard, { trace: { ...trace, verdicts: before } })
    expect(card.findAll('li').map((l) => l.text())[0]).toContain('stale: An old bag. Ines K.')
    expect(card.findAll('li')[1]!.text()).toContain('before, the lab')
  })

  it('sends a cause with a word why, once, and shows a refusal at its field', async () => {
    let refused = true
    const sent = stubServer(() =>
      refused
        ? {
            status: 422,
            body: { detail: 'No.', problems: [{ field: 'reason', message: 'A word why is wanted' }] },
          }
        : { body: before[0] },
    )
    const card = mountApp(VerdictCard, { trace })
    await card.find('button').trigger('click')
    card.findComponent({ name: 'VSelect' }).vm.$emit('update:modelValue', 'stale')
    await flushPromises()
    await card.find('form').trigger('submit')
    await flushPromises()
    expect(card.text()).toContain('A word why is wanted')
    refused = false
    await card.find('input[type=text]:not([readonly])').setValue('An old bag.')
    void card.find('form').trigger('submit')
    void card.find('form').trigger('submit')
    await flushPromises()
    expect(card.emitted('given')).toHaveLength(1)
    expect(sent).toHaveLength(2)
  })
})
