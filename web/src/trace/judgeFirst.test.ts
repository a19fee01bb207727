import { afterEach, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import JudgeFirst from './JudgeFirst.vue'
import RecordPage from './RecordPage.vue'

afterEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  vi.unstubAllGlobals()
})

const roast = { lotName: 'Gatovu Hill', number: 3, events: [], machineId: 1 }
const analysis = { faults: [{ kind: 'crash' }], notices: [], figures: {} }

it('asks what it was, with the log beside it and no word of the answer', async () => {
  const sent = stubServer((_, path) => ({
    body: path.endsWith('/analysis') ? analysis : path.endsWith('/curve') ? {} : roast,
  }))
  const page = mountApp(JudgeFirst, { roastId: 9 }, { RoastChart: true, AsyncComponentWrapper: true })
  await flushPromises()
  expect(page.text()).toContain('Gatovu Hill, roast 3')
  expect(page.text()).toContain('What was it?')
  expect(sent.some((s) => s.path === '/api/roasts/9/trace')).toBe(false)
  expect(page.findAll('button').some((b) => b.text() === 'Not now')).toBe(false)
  await page
    .findAll('button')
    .find((b) => b.text().startsWith('Show the answer'))!
    .trigger('click')
  await flushPromises()
  expect(sent.filter((s) => s.method === 'PUT').map((s) => s.path)).toEqual(['/api/roasts/9/trace/shown'])
  expect(page.emitted('done')).toHaveLength(1)
})

it('offers the lead to judge some first, and tells those verdicts apart', async () => {
  const sent = stubServer((_, path) => ({
    body: path.endsWith('/judge-first')
      ? { share: 0 }
      : {
          judged: 30,
          right: 27,
          how: [
            { code: 'first', label: 'judged before the answer was read', right: 8, n: 10 },
            { code: 'seen', label: 'judged after it was read', right: 19, n: 20 },
          ],
          causes: [],
          odds: [],
          changes: [],
          proofs: [],
        },
  }))
  const page = mountApp(RecordPage, {})
  await flushPromises()
  expect(page.text()).toContain('8 of 10 judged before the answer was read')
  expect(page.text()).toContain('19 of 20 judged after it was read')
  page.findComponent({ name: 'VSelect' }).vm.$emit('update:modelValue', 0.2)
  await flushPromises()
  expect(sent.find((s) => s.method === 'PUT')).toMatchObject({
    path: '/api/judge-first',
    body: { share: 0.2 },
  })
})
