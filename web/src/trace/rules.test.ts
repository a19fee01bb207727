import { afterEach, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import RulesPage from './RulesPage.vue'
import WhatIfCard from './WhatIfCard.vue'

const rule = (name: string, text: string) => ({
  name,
  text,
  station: 'roast',
  value: 2.6,
  unit: 'spreads above usual',
  standing: 'house default',
  source: 'Barrowmist',
  from: 2.6,
})
const rules = {
  version: 3,
  rules: [
    rule('sign.hot-charge.line', 'Hot charge: counts half at'),
    rule('word.quakers.oats', 'Quakers: the word oats'),
  ],
  history: [
    {
      version: 3,
      name: 'word.quakers.oats',
      value: 0.8,
      reason: 'Muesli.',
      by: 'Ines K.',
      at: '2026-03-05T09:00:00Z',
    },
  ],
}
const whatIf = {
  looked: 20,
  judged: 2,
  agreeBefore: 1,
  agreeAfter: 2,
  changed: [{ roastId: 7, lotName: 'Hill', number: 2, before: 'baked', after: 'quakers' }],
  proposals: [{ lotId: 4, lotName: 'Slope', before: 'hold it', after: 'buy it' }],
}

afterEach(() => {
  localStorage.clear()
  document.body.innerHTML = ''
  vi.unstubAllGlobals()
})

it('finds a figure by its words, tries it before it keeps it, and sends it once with its version', async () => {
  const sent = stubServer((_, path) => ({
    body: path.endsWith('what-if') ? whatIf : rules,
  }))
  const page = mountApp(RulesPage)
  await flushPromises()
  expect(page.text()).toContain('version 3 · 2 figures')
  expect(page.text()).toContain('Muesli. Ines K.')
  await page.find('input').setValue('charge half')
  expect(page.findAll('tbody tr')).toHaveLength(1)
  await page.find('tbody input').setValue('2,9')
  expect(page.find('.edited').exists()).toBe(true)
  const button = (text: string) => page.findAll('button').find((b) => b.text() === text)!
  expect(button('Keep them').attributes('disabled')).toBeDefined()
  await button('What would change?').trigger('click')
  await flushPromises()
  expect(page.text()).toContain('1 finding of the 20 newest cupped roasts would change.')
  await page.findAll('input[type=text]').at(-1)!.setValue('Our lots are hotter.')
  void button('Keep them').trigger('click')
  void button('Keep them').trigger('click')
  await flushPromises()
  const kept = sent.filter((r) => r.method === 'PUT' && r.path === '/api/rules')
  expect(kept).toHaveLength(1)
  expect(kept[0]!.body).toEqual({
    version: 3,
    reason: 'Our lots are hotter.',
    changes: [{ name: 'sign.hot-charge.line', value: 2.9 }],
  })
  expect(page.text()).toContain('None yet. Type another value')
})

it('says what would change, and how verdicts agree', () => {
  const card = mountApp(WhatIfCard, { whatIf })
  expect(card.text()).toContain('Hill, roast 2: baked → quakers')
  expect(card.text()).toContain('Of 2 verdicts of yours 1 agree now, 2 would then.')
  expect(card.text()).toContain('1 lot would be proposed otherwise.')
  expect(card.text()).toContain('Slope: hold it → buy it')
  const none = mountApp(WhatIfCard, { whatIf: { ...whatIf, changed: [], proposals: [], judged: 0 } })
  expect(none.text()).not.toContain('proposed otherwise')
  // rules of the decision alone read no cup otherwise
  const lots = mountApp(WhatIfCard, { whatIf: { ...whatIf, looked: 0, changed: [], judged: 0 } })
  expect(lots.text()).not.toContain('cupped roasts')
  const nothing = mountApp(WhatIfCard, {
    whatIf: { ...whatIf, looked: 0, changed: [], proposals: [], judged: 0 },
  })
  expect(nothing.text()).toBe('No lot would be proposed otherwise.')
  expect(none.text()).toContain('No finding of the 20')
  expect(none.text()).toContain('no verdict yet')
})

it('keeps changes that are half made for whoever leaves the page and comes back', async () => {
  stubServer(() => ({ body: rules }))
  const first = mountApp(RulesPage)
  await flushPromises()
  await first.find('tbody input').setValue('3.1')
  await first.find('tbody input').trigger('change')
  await flushPromises()
  first.unmount()
  const again = mountApp(RulesPage)
  await flushPromises()
  expect(again.text()).toContain('Hot charge: counts half at: 3.1')
})
