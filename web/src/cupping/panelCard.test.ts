import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { mountApp, stubServer } from '@/shared/testMount'
import PanelCard from './PanelCard.vue'
import { FORMS } from './testTables'
import { forms } from './useForms'

afterEach(() => vi.unstubAllGlobals())

forms.value = FORMS

describe('PanelCard', () => {
  const attributes = [{ field: 'flavour', median: 7.5, low: 7.25, high: 8, n: 2 }]
  const score = (cupper: string, points: number) => ({ cupper, score: points })
  const panel = {
    form: 'hundred-point',
    forms: ['hundred-point'],
    samples: [
      {
        code: '214',
        roastId: 7,
        mean: 80,
        median: 80,
        sd: 0,
        freed: 83.5,
        cups: 10,
        faultyCups: 2,
        qualityClass: 'very good',
        words: [{ word: 'flat', cuppers: 1, cups: 3 }],
        attributes,
        supplierSays: 'Orange',
        scores: [score('Ines', 80), score('Tobin', 80)],
      },
      {
        code: '907',
        mean: 84,
        median: 84,
        sd: 1.41,
        freed: 83,
        cups: 10,
        faultyCups: 0,
        words: [],
        attributes: [],
        scores: [score('Ines', 83), score('Tobin', 85)],
      },
    ],
    agreement: { icc21: 0.8, icc21Lower: 0.1, icc21Upper: 0.99, kendallW: 1, smallestDifference: 2.5 },
    cuppers: [
      { name: 'Ines', offset: -0.5 },
      { name: 'Tobin', offset: 0.01 },
    ],
    leftOut: [],
    text: 'They could be told apart.',
  }

  const shown = () =>
    mountApp(PanelCard, {
      id: 5,
      names: { '214': '214 · Hill', '907': '907 · bag' },
    })

  it('offers means without offsets beside what was given, and each attribute with its spread', async () => {
    stubServer(() => ({ body: panel }))
    const card = shown()
    await flushPromises()
    expect(card.find('.by-attribute').text()).toContain('7.507.25 to 8.00')
    const first = () => card.find('tbody tr').text()
    expect(first()).toContain('907')
    await card.find('input[type=checkbox]').setValue(true)
    expect(first()).toContain('214')
    expect(first()).toContain('83.50')
    expect(card.text()).toContain('what was given stands as it is')
  })

  it('puts the best first, stacks dots that are alike and says who tastes how', async () => {
    stubServer(() => ({ body: panel }))
    const card = shown()
    await flushPromises()
    const rows = card.findAll('tbody tr')
    expect(rows[0]!.text()).toContain('907 · bag')
    expect(rows[1]!.find('a').attributes('href')).toBe('/trace/7')
    expect(rows[1]!.text()).toContain('flat 1 of 2, 3 cups')
    expect(rows[1]!.text()).toContain('2 of 10 cups with a taint or fault')
    expect(rows[1]!.text()).toContain('very good')
    expect(rows[1]!.text()).toContain('Supplier: Orange')
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
    const card = mountApp(PanelCard, { id: 5, names: {}, reason: 'the kettle broke' })
    await flushPromises()
    expect(card.text()).not.toContain('ICC')
    expect(card.text()).toContain('the kettle broke')
    expect(card.text()).toContain('a score is missing: 907')
  })

  it('keeps two forms apart, and shows the one that is chosen', async () => {
    const forms = ['hundred-point', 'value-assessment']
    const sent = stubServer((_method, path) => ({
      body: { ...panel, forms, form: path.includes('form=value') ? 'value-assessment' : 'hundred-point' },
    }))
    const card = shown()
    await flushPromises()
    expect(card.text()).toContain('their scores make no mean together')
    await card
      .findAll('button')
      .find((b) => b.text() === 'value assessment')!
      .trigger('click')
    await flushPromises()
    expect(sent.at(-1)!.path).toContain('form=value-assessment')
  })
})
