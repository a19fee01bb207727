import { afterEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import type { Schemas } from '@/shared/api/client'
import KindOf from './KindOf.vue'

afterEach(() => vi.unstubAllGlobals())

const roast = (over: Partial<Schemas['RoastView']>) =>
  ({ id: 7, machineName: 'Drum 1', accepted: false, kind: 'batch', ...over }) as Schemas['RoastView']

describe('what a roast is', () => {
  it('a pull names its batch and can be no reference', () => {
    const card = mountApp(KindOf, { roast: roast({ kind: 'pull', pulledFrom: 5 }) })
    expect(card.find('a').attributes('href')).toBe('/roast/5')
    expect(card.findAllComponents({ name: 'VSwitch' })).toHaveLength(0)
  })

  it('a warm-up is said to the server, and what it refuses is shown', async () => {
    let refused = false
    const sent = stubServer(() =>
      refused
        ? { status: 409, body: { message: 'say it of its batch' } }
        : { body: roast({ kind: 'warm-up' }) },
    )
    const card = mountApp(KindOf, { roast: roast({}) })
    const box = card.findComponent({ name: 'VCheckbox' })
    box.vm.$emit('update:modelValue', true)
    await flushPromises()
    expect(sent.at(-1)!.body).toEqual({ warmUp: true })
    expect(card.emitted('changed')).toHaveLength(1)
    refused = true
    box.vm.$emit('update:modelValue', false)
    await flushPromises()
    expect(card.text()).not.toBe('')
    await card.setProps({ roast: roast({ kind: 'warm-up' }) })
    expect(card.findAllComponents({ name: 'VSwitch' })).toHaveLength(0)
  })
})
