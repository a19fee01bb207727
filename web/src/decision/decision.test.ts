import { afterEach, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import DecisionForm from './DecisionForm.vue'
import DecisionsPage from './DecisionsPage.vue'

const decision = {
  lotId: 4,
  lotName: 'Hill',
  outcome: 'undecided',
  proposal: { outcome: 'buy', label: 'buy it', reasons: [] },
  missing: [],
  version: 0,
  history: [],
}

afterEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  vi.unstubAllGlobals()
})

it('keeps a decision once, with its reason, and says what is wrong with it', async () => {
  const sent = stubServer((_, __, body) =>
    (body as { reason: string }).reason
      ? { body: decision }
      : {
          status: 422,
          body: {
            detail: 'Nothing was kept',
            problems: [{ field: 'reason', message: 'A reason is wanted' }],
          },
        },
  )
  const form = mountApp(DecisionForm, { decision })
  const select = form.findComponent({ name: 'VSelect' })
  await select.vm.$emit('update:modelValue', 'buy')
  await form.find('form').trigger('submit')
  await flushPromises()
  expect(form.text()).toContain('A reason is wanted')
  await form.find('textarea').setValue('Clean in both roasts')
  await form.find('form').trigger('submit')
  await form.find('form').trigger('submit')
  await flushPromises()
  expect(sent.filter((s) => s.method === 'PUT')).toHaveLength(2)
  expect(form.emitted('decided')).toHaveLength(1)
})

it('keeps what is half written for whoever leaves and comes back', async () => {
  stubServer(() => ({}))
  const first = mountApp(DecisionForm, { decision })
  await first.find('textarea').setValue('The contract')
  first.unmount()
  expect(mountApp(DecisionForm, { decision }).find('textarea').element.value).toBe('The contract')
})

it('lists what is due first, marked where it is over', async () => {
  const lot = (lotId: number, outcome: string, dueOn: string) => ({
    lotId,
    lotName: `Lot ${lotId}`,
    supplier: 'T',
    outcome,
    label: outcome,
    open: outcome === 'undecided',
    dueOn,
    missing: ['not cupped'],
  })
  stubServer(() => ({ body: [lot(1, 'undecided', '2020-01-01'), lot(2, 'buy', '2020-01-01')] }))
  const page = mountApp(DecisionsPage)
  await flushPromises()
  const rows = page.findAll('tbody tr')
  expect(rows[0]!.find('.ember').exists()).toBe(true)
  expect(rows[1]!.find('.ember').exists()).toBe(false)
  expect(rows[1]!.text()).toContain('buy')
})
