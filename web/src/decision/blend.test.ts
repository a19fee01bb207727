import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import BlendForm from './BlendForm.vue'
import BlendPage from './BlendPage.vue'
import BlendSuggested from './BlendSuggested.vue'
import BlendTrials from './BlendTrials.vue'

afterEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  vi.unstubAllGlobals()
})

const LOTS = [
  { id: 1, name: 'Hill' },
  { id: 2, name: 'Slope' },
]
const VIEW = {
  score: 83.4,
  words: [{ word: 'cocoa', share: 0.6 }],
  apart: true,
  why: ['Roast them apart: density from 676.0 to 731.0 g/L is more than one roast evens out.'],
  needed: [
    { name: 'Hill', roastedKg: 6, greenKg: 6.9 },
    { name: 'Slope', roastedKg: 4 },
  ],
}
const KEPT = {
  id: 5,
  name: 'Morning',
  version: 2,
  kg: 10,
  parts: [
    { lotId: 1, share: 60 },
    { lotId: 2, share: 40 },
  ],
  suggested: VIEW,
  trials: [
    { cuppingId: 9, laidAt: '2026-03-05T09:00:00Z', told: false, of: '60 % Hill', text: 'Not revealed yet.' },
  ],
}
const press = (page: ReturnType<typeof mountApp>, text: string) =>
  page
    .findAll('button')
    .find((b) => b.text() === text)!
    .trigger('click')

describe('BlendForm', () => {
  beforeEach(() => localStorage.clear())

  it('thinks without keeping, and cannot keep what has no name', async () => {
    const sent = stubServer(() => ({ body: VIEW }))
    const page = mountApp(BlendForm, { lots: LOTS })
    expect(page.text()).toContain('100.0 % in all')
    const keep = page.findAll('button').find((b) => b.text() === 'Keep it')!
    expect(keep.attributes('disabled')).toBeDefined()
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(sent.map((s) => s.path)).toEqual(['/api/blends/estimate'])
    expect(page.emitted('thought')![0]![0]).toEqual(VIEW)
  })

  it('sends a change with the version it was made from, once, and offers what is kept on a clash', async () => {
    const sent = stubServer(() => ({
      status: 409,
      body: { detail: 'Somebody else has changed this blend.', problems: [] },
    }))
    const page = mountApp(BlendForm, { lots: LOTS, blend: KEPT })
    void press(page, 'Keep it')
    void press(page, 'Keep it')
    await flushPromises()
    expect(sent).toHaveLength(1)
    expect(sent[0]!.path).toBe('/api/blends/5')
    expect(sent[0]!.body).toMatchObject({ name: 'Morning', version: 2 })
    expect(page.text()).toContain('Somebody else has changed this blend.')
    await press(page, 'Take what is kept')
    expect(page.emitted('theirs')).toHaveLength(1)
  })

  it('keeps what is half typed for whoever leaves and comes back', async () => {
    stubServer(() => ({}))
    const first = mountApp(BlendForm, { lots: LOTS })
    await first.find('input[placeholder="House espresso"]').setValue('Half')
    first.unmount()
    const again = mountApp(BlendForm, { lots: LOTS })
    expect(again.find<HTMLInputElement>('input[placeholder="House espresso"]').element.value).toBe('Half')
  })
})

describe('BlendSuggested', () => {
  it('says what each part takes, with what is not known left open', () => {
    const page = mountApp(BlendSuggested, { view: VIEW, parts: KEPT.parts })
    expect(page.text()).toContain('About 83.40 points')
    const rows = page.findAll('tbody tr').map((r) => r.text())
    expect(rows[0]).toContain('6.9 kg')
    expect(rows[0]).toContain('60.0 g')
    expect(rows[1]).toContain('weight loss not known yet')
    const none = mountApp(BlendSuggested, { view: { ...VIEW, score: undefined }, parts: [] })
    expect(none.text()).toContain('a part of it was never cupped')
  })
})

describe('BlendTrials', () => {
  it('lays the trial once, and says what stands in its way', async () => {
    const sent = stubServer(() => ({
      status: 409,
      body: { detail: 'Slope was never roasted: the trial stands beside its parts.', problems: [] },
    }))
    const page = mountApp(BlendTrials, { blend: KEPT })
    expect(page.text()).toContain('Not revealed yet.')
    void page.find('button').trigger('click')
    void page.find('button').trigger('click')
    await flushPromises()
    expect(sent.map((s) => s.path)).toEqual(['/api/blends/5/trials'])
    expect(page.text()).toContain('Slope was never roasted')
  })
})

describe('BlendPage', () => {
  it('lists what is kept beside a new one', async () => {
    stubServer((_, path) => ({
      body:
        path === '/api/lots' ? LOTS : [{ id: 5, name: 'Morning', parts: '60 % Hill, 40 % Slope', trials: 1 }],
    }))
    const page = mountApp(BlendPage)
    await flushPromises()
    expect(page.find('a[href="/decision/blend/5"]').text()).toBe('Morning')
    expect(page.text()).toContain('1 trial')
  })
})
