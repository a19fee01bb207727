import { afterEach, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import UpkeepCard from './UpkeepCard.vue'

afterEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  vi.unstubAllGlobals()
})

const DONE = {
  id: 3,
  on: '2026-03-02',
  what: 'bean-probe',
  text: 'the bean probe was changed or moved',
  note: '3 mm deeper',
  by: 'Marit O.',
}
const press = (page: ReturnType<typeof mountApp>, text: string) =>
  page
    .findAll('button')
    .find((b) => b.text() === text)!
    .trigger('click')

it('says what was done, and takes it back', async () => {
  let all: unknown[] = [DONE]
  const sent = stubServer((method) => {
    all = method === 'DELETE' ? [] : all
    return { body: all }
  })
  const page = mountApp(UpkeepCard, { machineId: 2 })
  await flushPromises()
  expect(page.text()).toContain('the bean probe was changed or moved, 3 mm deeper')
  await page.find('button[aria-label^="Take back"]').trigger('click')
  await flushPromises()
  expect(sent.find((s) => s.method === 'DELETE')!.path).toBe('/api/machines/2/upkeep/3')
  expect(page.text()).toContain('Nothing yet.')
})

it('says at its field what is wrong, and keeps the form', async () => {
  const sent = stubServer((method) =>
    method === 'POST'
      ? { status: 422, body: { detail: '', problems: [{ field: 'what', message: 'what is missing' }] } }
      : { body: [] },
  )
  const page = mountApp(UpkeepCard, { machineId: 2 })
  await flushPromises()
  await press(page, 'Enter what was done')
  await page.find('input[type=date]').setValue('2026-03-02')
  await page.find('form').trigger('submit')
  await flushPromises()
  expect(sent.find((s) => s.method === 'POST')!.body).toEqual({ on: '2026-03-02' })
  expect(page.text()).toContain('what is missing')
  expect(page.text()).toContain('licensed people')
  page.unmount()
  // half typed, it is open and filled for whoever comes back
  const again = mountApp(UpkeepCard, { machineId: 2 })
  await flushPromises()
  expect(again.find<HTMLInputElement>('input[type=date]').element.value).toBe('2026-03-02')
})

it('is closed once it was kept, also for whoever comes back', async () => {
  stubServer(() => ({ body: [DONE] }))
  const page = mountApp(UpkeepCard, { machineId: 2 })
  await flushPromises()
  await press(page, 'Enter what was done')
  await page.find('input[type=date]').setValue('2026-03-02')
  await page.find('form').trigger('submit')
  await flushPromises()
  expect(page.find('form').exists()).toBe(false)
  page.unmount()
  expect(mountApp(UpkeepCard, { machineId: 2 }).find('form').exists()).toBe(false)
})
