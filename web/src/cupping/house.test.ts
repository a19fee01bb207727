import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/shared/api/client'
import { mountApp, stubServer } from '@/shared/testMount'
import HouseScales from './HouseScales.vue'
import HouseWords from './HouseWords.vue'
import TriageCard from './TriageCard.vue'
import { button, select } from './testTables'
import { verdictCounts } from './triage'

describe('HouseWords', () => {
  it('takes a word in as another name of one that is there', async () => {
    const sent = stubServer((_method, path) => ({
      body: path.endsWith('candidates')
        ? [{ word: 'biscuit', times: 2 }]
        : [
            { word: 'bready', group: 'grain', pointsTo: '', alsoFoundBy: [], own: false },
            { word: 'meadow', group: 'fruit', pointsTo: '', alsoFoundBy: [], own: true },
          ],
    }))
    const page = mountApp(HouseWords)
    await flushPromises()
    expect(page.text()).toContain('on 2 sheets')
    expect(page.text()).toContain('meadow')
    await button(page, 'Take it in…').trigger('click')
    expect(button(page, 'Take it in').attributes('disabled')).toBeDefined()
    page.findComponent({ name: 'VAutocomplete' }).vm.$emit('update:modelValue', 'bready')
    await flushPromises()
    expect(page.text()).toContain('on earlier sheets too')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(sent.find((s) => s.method === 'POST')?.body).toEqual({ word: 'biscuit', sameAs: 'bready' })
    await button(page, 'Give it back').trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.method === 'DELETE')?.path).toBe('/api/vocabulary/meadow')
  })

  it('asks where a word of its own belongs', async () => {
    const sent = stubServer((_method, path) => ({
      body: path.endsWith('candidates') ? [{ word: 'biscuit', times: 1 }] : [],
    }))
    const page = mountApp(HouseWords)
    await flushPromises()
    await button(page, 'Take it in…').trigger('click')
    select(page, 'or is a word of its own, among').vm.$emit('update:modelValue', 'sweet')
    await flushPromises()
    expect(page.text()).toContain('no cause is read from it')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(sent.find((s) => s.method === 'POST')?.body).toEqual({ word: 'biscuit', group: 'sweet' })
  })
})

describe('HouseScales', () => {
  it('adds a scale and leaves one off, from the version that was seen', async () => {
    const sent = stubServer(() => ({ body: { names: ['fruit'], version: 4 } }))
    const page = mountApp(HouseScales)
    await flushPromises()
    await page.find('input').setValue(' brightness ')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(sent.find((s) => s.method === 'PUT')?.body).toEqual({ names: ['fruit', 'brightness'], version: 4 })
    await button(page, 'Leave it off').trigger('click')
    await flushPromises()
    expect(sent.findLast((s) => s.method === 'PUT')?.body).toEqual({ names: [], version: 4 })
  })
})

describe('a triage', () => {
  const sheet = (code: string, cupper: string, verdict?: string, note?: string) =>
    ({ code, cupper, verdict, note, words: [] }) as unknown as Schemas['SheetView']
  const sheets = [
    sheet('214', 'Ines', 'through', 'clean'),
    sheet('214', 'Tobin', 'out'),
    sheet('507', 'Ines', 'out'),
    sheet('507', ''),
  ]

  it('says who said what, and where they do not agree', () => {
    const card = mountApp(TriageCard, { names: { '214': 'Bag A', '507': 'Bag B' }, sheets })
    const [first, second] = card.findAll('tbody tr')
    expect(first!.text()).toContain('not agreed')
    expect(first!.text()).toContain('Ines: clean')
    expect(
      first!
        .findAll('td')
        .map((d) => d.text())
        .slice(0, 3),
    ).toEqual(['Tobin', '–', 'Ines'])
    expect(second!.text()).not.toContain('not agreed')
  })

  it('is counted in the list', () => {
    expect(verdictCounts(sheets)).toBe('1 through, 2 out')
    expect(verdictCounts([])).toBe('not begun')
  })
})
