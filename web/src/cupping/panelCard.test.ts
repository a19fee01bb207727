import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { mountApp, stubServer } from '@/shared/testMount'
import PanelCard from './PanelCard.vue'

afterEach(() => vi.unstubAllGlobals())

describe('PanelCard', () => {
  const score = (cupper: string, points: number) => ({ cupper, score: points })
  const panel = {
    samples: [
      {
        code: '214',
        roastId: 7,
        mean: 80,
        median: 80,
        sd: 0,
        scores: [score('Ines', 80), score('Tobin', 80)],
      },
      { code: '907', mean: 84, median: 84, sd: 1.41, scores: [score('Ines', 83), score('Tobin', 85)] },
    ],
    agreement: { icc21: 0.8, icc21Lower: 0.1, icc21Upper: 0.99, kendallW: 1, smallestDifference: 2.5 },
    cuppers: [
      { name: 'Ines', offset: -0.5 },
      { name: 'Tobin', offset: 0.01 },
    ],
    leftOut: [],
    text: 'They could be told apart.',
  }

  it('puts the best first, stacks dots that are alike and says who tastes how', async () => {
    stubServer(() => ({ body: panel }))
    const sheets = [
      { code: '214', words: [{ word: 'flat', cups: [1] }] },
      { code: '214', words: [] },
    ]
    const card = mountApp(PanelCard, { id: 5, names: { '214': '214 · Hill', '907': '907 · bag' }, sheets })
    await flushPromises()
    const rows = card.findAll('tbody tr')
    expect(rows[0]!.text()).toContain('907 · bag')
    expect(rows[1]!.find('a').attributes('href')).toBe('/trace/7')
    expect(rows[1]!.text()).toContain('flat 1 of 2')
    const bottoms = rows[1]!.findAll('.dot').map((d) => (d.element as HTMLElement).style.bottom)
    expect(new Set(bottoms).size).toBe(2)
    expect(card.text()).toContain('0.80 (95 %: 0.10 to 0.99)')
    expect(card.text()).toContain('−0.5 points from the table’s mean')
    expect(card.text()).toContain('at the table’s mean')
  })

  it('says nothing of agreement where nothing can be said', async () => {
    stubServer(() => ({
      body: { ...panel, agreement: undefined, cuppers: [panel.cuppers[0]], leftOut: ['907'] },
    }))
    const card = mountApp(PanelCard, { id: 5, names: {}, sheets: [], reason: 'the kettle broke' })
    await flushPromises()
    expect(card.text()).not.toContain('ICC')
    expect(card.text()).toContain('the kettle broke')
    expect(card.text()).toContain('a score is missing: 907')
  })
})
