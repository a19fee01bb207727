import { afterEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import MostLikeCard from './MostLikeCard.vue'

afterEach(() => vi.unstubAllGlobals())

const like = {
  greenSampleId: 4,
  lotName: 'Test Hill',
  stage: 'arrival',
  likePct: 87.4,
  because: ['also washed', '688 g/L, this one 700'],
  roastId: 9,
  number: 2,
  roastedAt: '2026-11-20T09:00:00Z',
  accepted: true,
}

describe('the greens most like one', () => {
  it('are shown with why, and their roast is taken and left again', async () => {
    stubServer(() => ({ body: [like] }))
    const card = mountApp(MostLikeCard, { sampleId: 1, machineId: 1, modelValue: null })
    await flushPromises()
    expect(card.text()).toContain('87 % alike')
    expect(card.text()).toContain('also washed, 688 g/L, this one 700')
    await card.find('button').trigger('click')
    expect(card.emitted('update:modelValue')!.at(-1)).toEqual([9])
    await card.setProps({ modelValue: 9 })
    expect(card.text()).toContain('Its controls are taken')
    await card.find('button').trigger('click')
    expect(card.emitted('update:modelValue')!.at(-1)).toEqual([null])
  })

  it('leave no empty card where nothing was roasted', async () => {
    stubServer(() => ({ body: [] }))
    const card = mountApp(MostLikeCard, { sampleId: 1, machineId: 1, modelValue: null })
    await flushPromises()
    expect(card.find('section').exists()).toBe(false)
  })
})
