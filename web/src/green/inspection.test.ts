import { afterEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import ReadButton from '@/device/ReadButton.vue'
import { blank, counted, DEFECT_KEYS, tidy, type Content } from './inspection'
import Judged from './Judged.vue'
import TallyCard from './TallyCard.vue'

afterEach(() => {
  document.body.innerHTML = ''
  vi.unstubAllGlobals()
})

const kind = (code: string, label: string, category = 2, fullDefects = 0) => ({
  code,
  label,
  category,
  beansPerFullDefect: category === 1 ? 1 : 5,
  scaled: 0,
  fullDefects,
})

describe('content', () => {
  it('counts one bean more, and never below none', () => {
    expect(counted({ ...blank(), defects: { broken: 2 } }, 'broken', 1)).toEqual({ broken: 3 })
    expect(counted(blank(), 'shell', 1)).toEqual({ shell: 1 })
    expect(counted({ ...blank(), defects: { shell: 0 } }, 'shell', -1)).toEqual({ shell: 0 })
  })

  it('is sent without its empty parts', () => {
    const content: Content = {
      ...blank(),
      colour: '',
      harvest: '',
      moisturePct: 11,
    }
    expect(JSON.parse(JSON.stringify(tidy(content)))).toEqual({ ...blank(), moisturePct: 11 })
  })

  it('has a key of its own for each kind of defect', () => {
    const keys = Object.values(DEFECT_KEYS)
    expect(new Set(keys).size).toBe(keys.length)
    expect(keys).toHaveLength(16)
  })
})

describe('TallyCard', () => {
  const mount = (modelValue: Content = blank()) =>
    mountApp(TallyCard, {
      modelValue,
      defects: [kind('broken', 'broken'), kind('full-black', 'full black', 1)],
      canUndo: true,
      problemAt: () => undefined,
    })

  it('counts a bean for each key and takes it back', async () => {
    const card = mount()
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'k', bubbles: true }))
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'q', bubbles: true }))
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'Backspace', bubbles: true }))
    expect(card.emitted('tally')).toEqual([['broken'], ['full-black']])
    expect(card.emitted('undo')).toHaveLength(1)
  })

  it('counts a bean fewer with Shift or by touch, whenever it was counted', async () => {
    const card = mount({ ...blank(), defects: { broken: 4 } })
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'K', shiftKey: true, bubbles: true }))
    await card.find('button[aria-label="broken: one fewer"]').trigger('click')
    expect(card.emitted('untally')).toEqual([['broken'], ['broken']])
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'Q', shiftKey: true, bubbles: true }))
    expect(card.emitted('untally')).toHaveLength(2)
  })

  it('leaves a letter typed into a field alone', async () => {
    const card = mount()
    card
      .find('input[inputmode]')
      .element.dispatchEvent(new KeyboardEvent('keydown', { key: 'k', bubbles: true }))
    expect(card.emitted('tally')).toBeUndefined()
  })

  it('says aloud what a tap counts', async () => {
    const card = mount({ ...blank(), defects: { broken: 4 } })
    const button = card.find('.kind.some .more')
    expect(button.text()).toContain('broken')
    expect(button.find('.d-sr-only').text()).toBe('4 counted, one more')
    await button.trigger('click')
    expect(card.emitted('tally')).toEqual([['broken']])
  })
})

describe('Judged', () => {
  it('shows the judgements of its figure only', () => {
    const judgements = [
      { field: 'moisturePct', verdict: 'out', text: 'Above 12.0 %.' },
      { field: 'waterActivity', verdict: 'good', text: 'Within.' },
    ]
    const shown = mountApp(Judged, { judgements, field: 'moisturePct' })
    expect(shown.text()).toBe('out of limits Above 12.0 %.')
  })
})

describe('ReadButton', () => {
  it('is not there where no such meter is set up', () => {
    expect(mountApp(ReadButton, { kind: 'moisture', what: 'the moisture' }).find('button').exists()).toBe(
      false,
    )
  })

  const mount = () => mountApp(ReadButton, { kind: 'scale', what: 'the cup from the scale' })

  it('gives the value of an instrument at rest', async () => {
    stubServer(() => ({ body: { stable: true, value: 182.4, unit: 'g', text: '' } }))
    const button = mount()
    await button.find('button').trigger('click')
    await flushPromises()
    expect(button.emitted('value')).toEqual([[182.4]])
  })

  it('gives back the figure that stood there before', async () => {
    stubServer(() => ({ body: { stable: true, value: 182.4, unit: 'g', text: '' } }))
    const button = mountApp(ReadButton, { kind: 'scale', what: 'the cup', now: 178 })
    await button.find('button').trigger('click')
    await flushPromises()
    await button.find('button[aria-label="Undo: back to 178"]').trigger('click')
    expect(button.emitted('value')).toEqual([[182.4], [178]])
  })

  it('says why there is no value', async () => {
    stubServer(() => ({ body: { stable: false, unit: 'g', text: 'Scale is not at rest.' } }))
    const button = mount()
    await button.find('button').trigger('click')
    await flushPromises()
    expect(button.emitted('value')).toBeUndefined()
    expect(button.emitted('said')?.at(-1)).toEqual(['Scale is not at rest.'])
  })

  it('says when the server does not answer', async () => {
    stubServer(() => 'unreachable')
    const button = mount()
    await button.find('button').trigger('click')
    await flushPromises()
    expect(button.emitted('said')?.at(-1)![0]).toContain('does not answer')
  })
})
