import { afterEach, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import RenewalNote from './RenewalNote.vue'

afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

it('says how far it is, and that it is done', async () => {
  vi.useFakeTimers()
  let left = 1200
  stubServer(() => ({ body: { left, of: left && 4000 } }))
  const note = mountApp(RenewalNote)
  await vi.advanceTimersByTimeAsync(10)
  await flushPromises()
  expect(note.text()).toContain('1,200 of 4,000 traces')
  left = 0
  await vi.advanceTimersByTimeAsync(1600)
  await flushPromises()
  expect(note.text()).toBe('')
  expect(note.emitted('done')).toHaveLength(1)
})

it('is silent where nothing is under way, and asks once', async () => {
  vi.useFakeTimers()
  const sent = stubServer(() => ({ body: { left: 0, of: 0 } }))
  const note = mountApp(RenewalNote)
  await vi.advanceTimersByTimeAsync(5000)
  expect(note.text()).toBe('')
  expect(sent).toHaveLength(1)
  expect(note.emitted('done')).toBeUndefined()
})
