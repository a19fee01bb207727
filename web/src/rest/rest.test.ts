import { describe, expect, it } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import AgeingCard from './AgeingCard.vue'
import ShelfPage from './ShelfPage.vue'
import { awayFrom, nextOf } from './shelf'

const NOW = Date.parse('2026-03-02T12:00:00Z')
const item = (state: string) => ({
  state,
  opensAt: '2026-03-02T15:30:00Z',
  bestAt: '2026-03-03T12:00:00Z',
  closesAt: '2026-03-05T12:00:00Z',
})

describe('the shelf', () => {
  it('counts down in words that help', () => {
    expect(awayFrom('2026-03-02T12:20:00Z', NOW)).toBe('in 20 minutes')
    expect(awayFrom('2026-03-02T15:30:00Z', NOW)).toBe('in 3 h 30 min')
    expect(awayFrom('2026-02-27T12:00:00Z', NOW)).toBe('3 days ago')
  })

  it('says what happens next to a sample', () => {
    expect(nextOf(item('resting'), NOW)).toBe('opens in 3 h 30 min')
    expect(nextOf(item('open'), NOW)).toBe('open; best in 24 h 0 min')
    expect(nextOf(item('best'), NOW)).toBe('closes in 3 days')
    expect(nextOf(item('missed'), Date.parse('2026-03-08T12:00:00Z'))).toBe('closed 3 days ago')
  })

  it('lays a table of what is open and was not sent back to the roaster', async () => {
    const sample = (roastId: number, state: string, verdict: string) => ({
      ...item(state),
      roastId,
      lotName: 'Gatovu Hill',
      number: roastId,
      process: 'washed',
      droppedAt: '2026-03-01T12:00:00Z',
      ageH: 24,
      verdict,
      cupped: false,
    })
    const items = [sample(1, 'best', 'fit'), sample(2, 'open', 'roast-again'), sample(3, 'missed', 'measure')]
    stubServer(() => ({
      body: { school: 'protocol', byProcess: {}, age: [], now: '2026-03-02T12:00:00Z', items, ageing: [] },
    }))
    const page = mountApp(ShelfPage)
    await flushPromises()
    expect(page.text()).toContain('roast again')
    expect(page.find('a[href="/cupping?roast=1"]').exists()).toBe(true)
    expect(page.text()).toContain('carbon monoxide')
  })

  it('draws an ageing study and sends other days', async () => {
    const sent = stubServer(() => ({ body: {} }))
    const study = {
      roastId: 4,
      lotName: 'Gatovu Hill',
      number: 1,
      keptG: 80,
      days: [7, 14],
      points: [
        { day: 1, score: 83 },
        { day: 7, score: 84.5 },
      ],
      nextDue: '2026-03-15',
      text: 'Best on day 7',
    }
    const card = mountApp(AgeingCard, { studies: [study] })
    expect(card.findAll('circle')).toHaveLength(2)
    await card.find('input').setValue('7, 21; 28')
    await card.find('input').trigger('change')
    await flushPromises()
    expect(sent[0]!.body).toEqual({ keptG: 80, days: [7, 21, 28] })
  })
})
