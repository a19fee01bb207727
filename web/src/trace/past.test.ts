import { afterEach, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import type { Schemas } from '@/shared/api/client'
import { mountApp, stubServer } from '@/shared/testMount'
import LikeCurves from './LikeCurves.vue'
import OverTimePage from './OverTimePage.vue'
import TogetherPage from './TogetherPage.vue'
import TracesPage from './TracesPage.vue'
import { found } from './standings'

const row = (roastId: number, more: object = {}): Schemas['TraceRow'] => ({
  roastId,
  settled: false,
  lotName: 'Lot',
  number: roastId,
  process: 'washed',
  roastedAt: '2026-03-01T09:00:00Z',
  finalScore: 76,
  cause: 'baked',
  label: 'baked',
  standing: 'supported',
  chance: 'very likely',
  judgeFirst: false,
  ...more,
})

afterEach(() => {
  document.body.innerHTML = ''
  vi.unstubAllGlobals()
})

it('says what was found as surely as it is', () => {
  expect(found(row(1))).toBe('baked: very likely')
  // its own trace calls this cup sound: so does every list
  expect(found(row(1, { standing: 'to-watch', sound: 0.9 }))).toBe('nothing found; baked to watch for')
  expect(found(row(1, { standing: 'unlikely' }))).toBe('nothing found')
  expect(found(row(1, { label: undefined }))).toBe('nothing found')
  expect(found(row(1, { label: undefined, judgeFirst: true }))).toBe(
    'to be judged before the answer is shown',
  )
  expect(found(row(1, { standing: 'unlikely', sound: 0.1 }))).toBe('off, and nothing known explains it')
})

it('finds by taste, and says so when no cup was so', async () => {
  const sent = stubServer((_, path) => ({ body: path.includes('word') ? [] : [row(1)] }))
  const page = mountApp(TracesPage)
  await flushPromises()
  expect(page.text()).toContain('baked: very likely')
  await page.find('input').setValue(' ashy ')
  await flushPromises()
  expect(sent.at(-1)!.path).toBe('/api/traces?word=ashy')
  expect(page.text()).toContain('No cup was so.')
})

it('lays up to three like curves beside a trace', async () => {
  stubServer(() => ({
    body: [2, 3, 4, 5].map((id) => ({ likeness: 1 - id / 20, roast: row(id) })),
  }))
  const like = mountApp(LikeCurves, { roastId: 1 })
  await flushPromises()
  expect(like.text()).toContain('90 %')
  for (const box of like.findAll('input[type=checkbox]').slice(0, 3)) {
    await box.setValue(true)
  }
  expect(like.findAll('input[type=checkbox]')[3]!.attributes('disabled')).toBeDefined()
  expect(like.findAll('a').at(-1)!.attributes('href')).toBe('/trace/beside?id=1&id=2&id=3&id=4')
})

it('says of each cause whether it got rarer, and only where that can be told', async () => {
  const trend = (cause: string, after: number, rarer: number) => ({
    cause,
    label: cause,
    before: 8,
    ofBefore: 30,
    after,
    ofAfter: 30,
    rarer,
  })
  stubServer(() => ({
    body: {
      groups: [{ name: '2026-03', cupped: 60, causes: { baked: 9 } }],
      trends: [trend('baked', 1, 0.98), trend('scorched', 7, 0.6), trend('tipped', 20, 0.001)],
    },
  }))
  const page = mountApp(OverTimePage)
  await flushPromises()
  const lines = page.findAll('li').map((l) => l.text())
  expect(lines[0]).toContain('8 of 30, then 1 of 30 roasts')
  expect(lines[0]).toContain('rarer: 98 % sure')
  expect(lines[1]).toContain('no change that can be told from chance')
  expect(lines[2]).toContain('more frequent: over 99 % sure')
  expect(page.findAll('tbody td').map((c) => c.text())).toEqual(['2026-03', '60', '9', '·', '·'])
})

it('says of a whole lot what its cups share, and whether it is the lot', async () => {
  stubServer(() => ({
    body: {
      of: 3,
      says: 'mould in the green in 3 of 3 cupped roasts: it goes with the lot.',
      words: [{ word: 'musty', in: 3 }],
      causes: [],
      roasts: [row(1), row(2), row(3)],
    },
  }))
  const page = mountApp(TogetherPage)
  await flushPromises()
  expect(page.text()).toContain('it goes with the lot')
  expect(page.text()).toContain('musty 3 of 3')
  expect(page.findAll('tbody tr')).toHaveLength(3)
})

it('says that a table counts when it is revealed', async () => {
  stubServer(() => ({ body: { of: 0, words: [], causes: [], roasts: [] } }))
  const page = mountApp(TogetherPage)
  await flushPromises()
  expect(page.text()).toContain('when the table is revealed')
})
