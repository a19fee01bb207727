import { afterEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import LotForm from '@/green/LotForm.vue'
import BesideLater from './BesideLater.vue'
import EvidenceSum from './EvidenceSum.vue'
import TraceBoard from './TraceBoard.vue'

const finding = {
  cause: 'baked',
  standing: 'supported',
  weight: 1.9,
  evidence: [
    { source: 'cup', says: 'for', text: 'flat, in all 5 cups', weight: 1, words: ['flat'] },
    { source: 'log', says: 'for', text: 'crashed', weight: 1.5, words: [], fromS: 480, toS: 505 },
    { source: 'cup', says: 'against', text: 'lively', weight: -0.6, words: [] },
  ],
  missing: [],
}
const trace = {
  roastId: 1,
  settled: false,
  cups: 5,
  sheets: 1,
  words: [{ word: 'flat', cups: 4 }],
  findings: [finding],
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

it('says how many cups hold a word and which causes nothing points to', () => {
  const board = mountApp(TraceBoard, { trace, chosen: finding })
  expect(board.find('[aria-label="in 4 of 5 cups"]').findAll('.full')).toHaveLength(4)
  expect(board.text()).toContain('Nothing points to scorched or underdeveloped.')
  expect(board.text()).toContain('cup and log agree · +1.9')
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
  expect(sent).toHaveLength(1)
  expect((form.find('input').element as HTMLInputElement).value).toBe('Hill')
})

describe('BesideLater', () => {
  const roast = (id: number, lotId: number, roastedAt: string) => ({ id, lotId, number: id, roastedAt })
  it('offers the later roasts of the same lot, blind, as a triangle or scored', async () => {
    const all = [
      roast(1, 5, '2026-03-01T09:00:00Z'),
      roast(2, 5, '2026-03-02T09:00:00Z'),
      roast(3, 6, '2026-03-03T09:00:00Z'),
    ]
    stubServer(() => ({ body: all }))
    const later = mountApp(BesideLater, { roast: all[0] })
    await flushPromises()
    expect(later.findAll('li')).toHaveLength(1)
    expect(later.findAll('a').map((a) => a.attributes('href'))).toEqual([
      '/cupping?roast=1&roast=2&kind=triangle&blind=coded',
      '/cupping?roast=1&roast=2&kind=scoring&blind=coded',
    ])
    vi.unstubAllGlobals()
  })
})
