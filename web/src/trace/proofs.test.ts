import { afterEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import BesideLater from './BesideLater.vue'
import RecordPage from './RecordPage.vue'
import VerdictCard from './VerdictCard.vue'

const finding = { cause: 'baked', label: 'baked', standing: 'supported', atWork: 0.98, evidence: [] }
const trace = { roastId: 2, cups: 0, findings: [], folded: [], verdicts: [] }
const later = { roastId: 2, number: 2, roastedAt: '2026-03-02T09:00:00Z', rested: true, planned: true }
const proof = {
  cuppingId: 7,
  beforeId: 1,
  beforeNumber: 1,
  afterId: 2,
  afterNumber: 2,
  lotName: 'Lot',
  machineName: 'Drum 1',
  cause: 'baked',
  label: 'baked',
  laidAt: '2026-03-03T09:00:00Z',
  laidBy: 'the lab',
}
const held = {
  ...proof,
  outcome: 'held' as const,
  scoreChange: -0.5,
  shown: 'baked in 5 of 5 cups before, in 0 of 5 after; 1 batch before and 1 after: an estimate',
}

afterEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  vi.unstubAllGlobals()
})

function beside(proofs: object, of: object = trace, score?: number) {
  const sent = stubServer((method, path) => ({
    body: path.endsWith('/proofs') ? proofs : method === 'POST' ? { cuppingId: 7 } : of,
  }))
  return { sent, card: mountApp(BesideLater, { roastId: 1, finding, score }) }
}

describe('BesideLater', () => {
  it('says nothing where nothing came after', async () => {
    const { card } = beside({ plans: [], others: [], later: [], batches: 3, proofs: [] })
    await flushPromises()
    expect(card.find('section').exists()).toBe(false)
  })

  it('lays the old and the new by one press, however often it is pressed', async () => {
    const { card, sent } = beside({
      plans: [],
      later: [{ ...later, warnings: ['Old: past its rest.'] }],
      batches: 3,
      proofs: [],
    })
    await flushPromises()
    expect(card.text()).toContain('Roast 2, by this plan: not cupped yet')
    expect(card.text()).toContain('Old: past its rest.')
    expect(card.text()).toContain('1 old and 1 new. 3 of each can confirm')
    await card.find('button').trigger('click')
    await card.find('button').trigger('click')
    await flushPromises()
    const laid = sent.filter((s) => s.method === 'POST')
    expect(laid.map((s) => [s.path, s.body])).toEqual([
      ['/api/roasts/1/trace/proof', { before: [], after: [2], cause: 'baked' }],
    ])
  })

  it('lays every roast that is ticked on its side, and none on both', async () => {
    const roast = (roastId: number) => ({ roastId, number: roastId, roastedAt: '2026-03-01T09:00:00Z' })
    const { card, sent } = beside({
      plans: [],
      others: [
        { ...roast(3), samePlan: true },
        { ...roast(4), samePlan: false },
      ],
      later: [
        { ...later, warnings: [] },
        { ...later, ...roast(5), planned: true, warnings: [] },
        { ...later, ...roast(4), planned: false, warnings: [] },
      ],
      batches: 3,
      proofs: [],
    })
    await flushPromises()
    expect(card.text()).toContain('2 old and 2 new')
    const boxes = card.findAll('input[type=checkbox]')
    expect(boxes.map((b) => (b.element as HTMLInputElement).checked)).toEqual([
      true,
      true,
      false,
      true,
      false,
    ])
    await boxes[4]!.setValue(true)
    await boxes[2]!.setValue(true)
    expect(card.text()).toContain('2 old and 3 new')
    await card.findAll('button').at(-1)!.trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.method === 'POST')!.body).toEqual({
      before: [3],
      after: [2, 5, 4],
      cause: 'baked',
    })
  })

  it('asks of a roast that was logged elsewhere whether it followed the plan', async () => {
    const { card, sent } = beside({
      plans: [{ planId: 4, change: 'charge lower' }],
      later: [{ ...later, planned: false, warnings: [] }],
      proofs: [],
    })
    await flushPromises()
    const said = card.findAll('button').find((b) => b.text() === 'It followed this plan')!
    await said.trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.method === 'PUT')).toMatchObject({
      path: '/api/roasts/2/followed',
      body: { planId: 4 },
    })
  })

  it('says what came of it, and what the blind table showed', async () => {
    const gone = { ...trace, cups: 5, finalScore: 84.5, folded: [{ ...finding, chance: 'unlikely' }] }
    const { card } = beside(
      { plans: [], later: [{ ...later, warnings: [] }], others: [], batches: 3, proofs: [held] },
      gone,
      75.5,
    )
    await flushPromises()
    expect(card.text()).toContain('baked: unlikely, 84.50 (+9.00)')
    expect(card.text()).toContain('in 0 of 5 after; 1 batch before and 1 after: an estimate; score −0.50')
  })
})

describe('RecordPage', () => {
  it('says that nothing was judged, and how to begin', async () => {
    stubServer(() => ({ body: { judged: 0, right: 0, causes: [], odds: [], changes: [], proofs: [] } }))
    const page = mountApp(RecordPage, {})
    await flushPromises()
    expect(page.text()).toContain('Nothing has been judged yet')
    expect(page.find('table').exists()).toBe(false)
  })

  it('tells how often it was right, by odds, by cause and by change', async () => {
    const band = { from: 0.9, to: 1, said: 0.96, right: 3, n: 4, lower: 0.19, upper: 0.99 }
    stubServer(() => ({
      body: {
        judged: 4,
        right: 3,
        causes: [{ code: 'baked', label: 'baked', right: 3, n: 4 }],
        odds: [band],
        changes: [
          {
            machineName: 'Drum 1',
            label: 'scorched',
            change: 'charge lower by 5 °C',
            held: 4,
            estimate: 2,
            notShown: 1,
            worse: 0,
          },
        ],
        proofs: [held],
      },
    }))
    const page = mountApp(RecordPage, {})
    await flushPromises()
    expect(page.text()).toContain('Right in 3 of 4 roasts')
    expect(page.text()).toContain('charge lower by 5 °C on Drum 1, against scorched:held 4 of 5')
    expect(page.find('svg').attributes('aria-label')).toBe('said 96 %, came true 75 %, between 19 and 99 %')
  })
})

it('keeps a verdict that is half typed for whoever leaves the page and comes back', async () => {
  stubServer(() => ({}))
  const whole = { ...trace, settled: false, findings: [finding], sheets: 1 }
  const first = mountApp(VerdictCard, { trace: whole })
  await first.find('button').trigger('click')
  await first.findAll('input').at(-1)!.setValue('Flat beside')
  first.unmount()
  const again = mountApp(VerdictCard, { trace: whole })
  expect(again.find('form').exists()).toBe(true)
  expect(again.html()).toContain('Why, in a word')
  expect(again.findAll('input').some((i) => i.element.value === 'Flat beside')).toBe(true)
})
