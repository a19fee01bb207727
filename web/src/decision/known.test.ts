import { afterEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import LotStore from '@/green/LotStore.vue'
import LotContract from './LotContract.vue'
import LotKnown from './LotKnown.vue'
import QuestionsPage from './QuestionsPage.vue'

afterEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  vi.unstubAllGlobals()
})

const EMPTY = {
  lot: {},
  decision: {},
  scores: { sheets: 0, tables: 0, cuppers: 0, each: [], apart: [], leftOut: [] },
  words: [],
  uses: [],
  measured: [],
  stages: [],
  roasts: [],
  // what stands on a bag is asked for as well
  lines: [],
}

describe('LotKnown', () => {
  it('says that nothing was cupped, and offers its report', async () => {
    stubServer(() => ({ body: EMPTY }))
    const page = mountApp(LotKnown, { lotId: 4 })
    await flushPromises()
    expect(page.text()).toContain('Nothing was cupped')
    expect(page.find('a[href="/api/lots/4/report.pdf"]').exists()).toBe(true)
  })

  it('lays the sorted table only where single beans are to blame', async () => {
    const roast = (cause?: string) => ({
      roastId: 9,
      title: 'Hill, roast 1',
      faults: [],
      words: [],
      photos: [],
      cause,
      score: 81,
    })
    stubServer(() => ({ body: { ...EMPTY, roasts: [roast('baked')] } }))
    const baked = mountApp(LotKnown, { lotId: 4 })
    await flushPromises()
    expect(baked.text()).not.toContain('sorted beside unsorted')
    const sent = stubServer((method) =>
      method === 'POST'
        ? { status: 201, body: { id: 3 } }
        : { body: { ...EMPTY, roasts: [roast('quakers')] } },
    )
    const quakers = mountApp(LotKnown, { lotId: 4 })
    await flushPromises()
    await quakers
      .findAll('button')
      .find((b) => b.text().includes('sorted beside unsorted'))!
      .trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.method === 'POST')!.body).toEqual({
      blind: 'coded',
      samples: [{ roastId: 9 }, { roastId: 9, treatment: 'sorted by hand' }],
    })
  })
})

describe('LotContract', () => {
  it('shows what holds, and sends the lot’s own points alone', async () => {
    const view = (own: object) => ({
      lotId: 4,
      own: { version: 0, ...own },
      supplier: { scoreFloor: 83, version: 1 },
      holds: { scoreFloor: 83, ...own },
    })
    const sent = stubServer((method, _, body) => ({ body: view(method === 'PUT' ? (body as object) : {}) }))
    const page = mountApp(LotContract, { lotId: 4 })
    await flushPromises()
    expect(page.text()).toContain('Score, at least 83')
    await page.find('button').trigger('click')
    expect(page.text()).toContain('83 with this supplier')
    await page.findAll('input')[1]!.setValue('11,5')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(sent.find((s) => s.method === 'PUT')!.body).toEqual({ mostMoisturePct: 11.5, version: 0 })
    expect(page.emitted('kept')).toHaveLength(1)
  })

  it('keeps what is half typed for whoever leaves and comes back', async () => {
    stubServer(() => ({ body: { lotId: 5, own: { version: 2 }, supplier: { version: 0 }, holds: {} } }))
    const first = mountApp(LotContract, { lotId: 5 })
    await flushPromises()
    await first.find('button').trigger('click')
    await first.findAll('input')[0]!.setValue('84')
    first.unmount()
    const again = mountApp(LotContract, { lotId: 5 })
    await flushPromises()
    await again.find('button').trigger('click')
    expect(again.findAll('input')[0]!.element.value).toBe('84')
  })
})

describe('LotStore', () => {
  it('measures again, with what is wrong said at its field', async () => {
    const sent = stubServer((method) =>
      method === 'POST'
        ? {
            status: 422,
            body: { detail: '', problems: [{ field: 'moisturePct', message: 'Nothing was measured' }] },
          }
        : {},
    )
    const page = mountApp(LotStore, { lotId: 4 })
    await flushPromises()
    expect(page.text()).toContain('60.0 kg left of 60.0 kg')
    await page
      .findAll('button')
      .find((b) => b.text() === 'Measured again')!
      .trigger('click')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(sent.filter((s) => s.path.endsWith('/checks'))).toHaveLength(1)
    expect(page.text()).toContain('Nothing was measured')
  })
})

describe('QuestionsPage', () => {
  it('asks with those filters alone that its question has', async () => {
    const sent = stubServer((_, path) => {
      if (path === '/api/questions') {
        return {
          body: [
            { id: 'lots-due', question: 'Which lots?', filters: [] },
            { id: 'crashes', question: 'Which crashes?', filters: ['person'] },
          ],
        }
      }
      return path.startsWith('/api/questions/')
        ? {
            body: {
              id: 'x',
              question: 'Which?',
              answer: 'Two of five.',
              sure: 'From five.',
              columns: ['Roast'],
              rows: [{ link: '/roast/1', cells: ['Hill'] }],
              bars: [],
            },
          }
        : { body: [] }
    })
    const page = mountApp(QuestionsPage)
    await flushPromises()
    expect(page.text()).toContain('Two of five.')
    await page
      .findAll('button')
      .find((b) => b.text() === 'Which crashes?')!
      .trigger('click')
    await flushPromises()
    await page.find('.narrow input').setValue('Ada')
    await flushPromises()
    expect(sent.at(-1)!.path).toBe('/api/questions/crashes?person=Ada')
    expect(page.find('td a').attributes('href')).toBe('/roast/1')
    await page
      .findAll('button')
      .find((b) => b.text() === 'Which lots?')!
      .trigger('click')
    await flushPromises()
    expect(sent.at(-1)!.path).toBe('/api/questions/lots-due')
  })
})
