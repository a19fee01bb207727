import { afterEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { reactive } from 'vue'
import { mountApp, stubServer } from '@/shared/testMount'
import { roastName } from '@/shared/format/text'
import BeanTally from './BeanTally.vue'
import LookFields from './LookFields.vue'
import VerdictCard from './VerdictCard.vue'

afterEach(() => vi.unstubAllGlobals())

describe('beans picked out of less than 100 g', () => {
  it('offers what came out, and says what the counts come to', async () => {
    const counts = reactive<{ ofG?: number; quakers?: number }>({ quakers: 4 })
    const tally = mountApp(BeanTally, {
      modelValue: counts,
      roastedG: 84.04,
      scaled: { quakers: 5 },
      problemAt: () => undefined,
    })
    const all = tally.findAll('button').find((b) => b.text() === 'All 84 g')!
    await all.trigger('click')
    expect(counts.ofG).toBe(84)
    expect(tally.text()).toContain('5 in 100 g')
    expect(tally.text()).toContain('sound, they stay in')
    tally.unmount()
  })

  it('offers nothing where 100 g are there', () => {
    const tally = mountApp(BeanTally, { modelValue: {}, roastedG: 104, problemAt: () => undefined })
    expect(tally.text()).not.toContain('All')
    tally.unmount()
  })
})

describe('the look of a sample', () => {
  it('is chosen by one touch and let go by another', async () => {
    const look = reactive<{ surface?: string; swollen?: boolean }>({})
    const fields = mountApp(LookFields, { modelValue: look })
    const touch = (text: string) =>
      fields
        .findAll('button')
        .find((b) => b.text() === text)!
        .trigger('click')
    await touch('oily')
    await touch('no')
    expect(look).toEqual({ surface: 'oily', swollen: false })
    await touch('oily')
    expect(look.surface).toBeUndefined()
  })

  it('says what has no limit beside the verdict', async () => {
    stubServer(() => ({
      body: { verdict: 'fit', text: 'All inside.', checks: [], notes: ['Redder is usual for a natural.'] },
    }))
    const card = mountApp(VerdictCard, { roastId: 1, again: 0 })
    await flushPromises()
    expect(card.text()).toContain('Redder is usual for a natural.')
  })
})

describe('the name of a roast', () => {
  const roast = { lotName: 'Test Hill', number: 4, totalS: 552 }
  it('says what it is', () => {
    expect(roastName(roast)).toBe('Test Hill, roast 4')
    expect(roastName({ ...roast, kind: 'batch' })).toBe('Test Hill, roast 4')
    expect(roastName({ ...roast, kind: 'pull' })).toBe('Test Hill, roast 4, pulled at 9:12')
    expect(roastName({ ...roast, kind: 'pull', totalS: undefined })).toBe('Test Hill, roast 4, a pull')
    expect(roastName({ ...roast, kind: 'warm-up' })).toBe('Test Hill, roast 4, warm-up')
  })
})

describe('the bench', () => {
  it('tallies a bean a key, takes the last one back, and leaves what was not counted empty', async () => {
    const counts: Record<string, number | undefined> = {}
    const tally = mountApp(BeanTally, { modelValue: counts, problemAt: () => undefined })
    const press = (key: string) =>
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key, cancelable: true, bubbles: true }))
    press('q')
    press('q')
    press('h')
    press('Backspace')
    expect(counts).toEqual({ quakers: 2, shells: 0 })
    await tally
      .findAll('button')
      .find((b) => b.text().includes('none found'))!
      .trigger('click')
    expect(counts).toEqual({
      quakers: 2,
      shells: 0,
      scorched: 0,
      tipped: 0,
      dark: 0,
      broken: 0,
      peaberries: 0,
      misshapen: 0,
    })
    tally.unmount()
  })

  it('says what is to be roasted again, and why', async () => {
    stubServer(() => ({
      body: {
        verdict: 'roast-again',
        text: 'Scorched is 2, the protocol asks for none.',
        checks: [{ label: 'scorched', by: 'protocol', wanted: 'none', value: '2', standing: 'outside' }],
        notes: [],
      },
    }))
    const card = mountApp(VerdictCard, { roastId: 1, again: 0 })
    await flushPromises()
    expect(card.text()).toContain('Roast it again')
    expect(card.find('li.outside').text()).toContain('✗')
  })
})
