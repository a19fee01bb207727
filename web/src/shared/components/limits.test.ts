import { afterEach, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import BenchLimits from '@/sample/BenchLimits.vue'
import FaultLimits from '@/roast/FaultLimits.vue'

const LIMITS = {
  protocol: true,
  leastLossPct: 11,
  mostLossPct: 15,
  mostGap: 8,
  mostQuakers: 0,
  mostShells: 5,
}

afterEach(() => {
  document.body.innerHTML = ''
  vi.unstubAllGlobals()
})

const field = (label: string) =>
  [...document.querySelectorAll('input')].find((i) =>
    document.querySelector(`label[for="${i.id}"]`)?.textContent?.includes(label),
  )!
const under = (label: string) =>
  field(label).closest('.v-input')!.querySelector('.v-messages')!.textContent!.trim()
const keep = () => document.querySelector<HTMLButtonElement>('button[type=submit]')!
const type = (input: HTMLInputElement, text: string) => {
  input.value = text
  input.dispatchEvent(new Event('input'))
  input.dispatchEvent(new Event('change'))
}

it('keeps the limits of the bench, and shows at the field what was refused', async () => {
  let refused = true
  const sent = stubServer((method, path, body) => {
    if (path.endsWith('/facts')) {
      return { body: [] }
    }
    const problems = [{ field: 'mostLossPct', message: 'Most weight loss is 90 %' }]
    return method === 'PUT' && refused
      ? { status: 422, body: { detail: 'Nothing was kept.', problems } }
      : { body: method === 'PUT' ? body : LIMITS }
  })
  const dialog = mountApp(BenchLimits, { modelValue: true })
  await flushPromises()
  type(field('Weight loss, at most'), 'much')
  await flushPromises()
  expect(keep().disabled).toBe(true)
  type(field('Weight loss, at most'), '90')
  field('cupping protocol').click()
  const submit = () =>
    document.querySelector('form')!.dispatchEvent(new Event('submit', { cancelable: true }))
  await flushPromises()
  submit()
  await flushPromises()
  expect(document.body.textContent).toContain('Most weight loss is 90 %')
  expect(dialog.emitted('saved')).toBeUndefined()

  refused = false
  type(field('Weight loss, at most'), '16,5')
  await flushPromises()
  submit()
  await flushPromises()
  expect(sent.at(-1)!.body).toEqual({ ...LIMITS, protocol: false, mostLossPct: 16.5 })
  expect(dialog.emitted('saved')).toHaveLength(1)
  expect(dialog.emitted('update:modelValue')).toEqual([[false]])
})

it('shows and takes the limits of a rate of rise in the unit of the reader, and keeps °C/min', async () => {
  localStorage.setItem('barrowmist.temperature', 'F')
  const faults = { crashFallShare: 0.4, crashWithinS: 45, crashDepthCPerMin: 3.5, flickRiseCPerMin: 1.5 }
  const rest = { flickHoldS: 10, stallChangeCPerMin: 0.5, stallHoldS: 60, stalledCPerMin: 1.5 }
  const limits = { ...faults, ...rest, stalledHoldS: 30, surgeSpreads: 2, version: 0 }
  const fact = (name: string, beginsWith: number) => ({
    name,
    beginsWith,
    standing: 'house-default',
    source: '',
  })
  const facts = [fact('crashDepthCPerMin', 3.5), fact('crashWithinS', 40)]
  const sent = stubServer((method, path, body) => ({
    body: path.endsWith('/facts') ? facts : method === 'PUT' ? body : limits,
  }))
  mountApp(FaultLimits, { modelValue: true })
  await flushPromises()
  expect(field('below its trend').value).toBe('6.3')
  // what a figure rests on stands under it; what the lab has set itself says what it began with
  expect(under('below its trend')).toBe('house default')
  expect(under('falls within')).toBe('yours; began at 40, house default')
  type(field('below its trend'), '9')
  await flushPromises()
  document.querySelector('form')!.dispatchEvent(new Event('submit', { cancelable: true }))
  await flushPromises()
  expect(sent.at(-1)!.body).toEqual({ ...limits, crashDepthCPerMin: 5 })
})
