import { flushPromises } from '@vue/test-utils'
import { expect, it } from 'vitest'
import { mountApp, stubServer } from '@/shared/testMount'
import ProtocolChoice from './ProtocolChoice.vue'
import { button, select } from './testTables'

const PUBLISHED = {
  name: 'Published',
  cups: 5,
  preparation: { doseG: 8.25, waterMl: 150 },
  reason: 'Five cups: …',
}
const ONE = { name: 'Selection', cups: 1, preparation: { doseG: 12, waterMl: 216 }, reason: 'One cup: …' }

async function choice(modelValue: object, cups = 5) {
  const sent = stubServer((method, path) => ({
    body: path.startsWith('/api/table-preparation')
      ? { doseG: 11, waterMl: 200, waterC: 93 }
      : { protocols: [PUBLISHED, ONE], version: method === 'PUT' ? 3 : 2 },
  }))
  const page = mountApp(ProtocolChoice, { modelValue, cups })
  await flushPromises()
  return { page, sent }
}

it('takes a protocol, and leaves what it does not say', async () => {
  const { page } = await choice({ doseG: 8, tdsPpm: 140 })
  expect(page.text()).toContain('Five cups')
  select(page, 'Prepared by').vm.$emit('update:modelValue', 'Selection')
  expect(page.emitted('update:modelValue')![0]![0]).toEqual({ doseG: 12, waterMl: 216, tdsPpm: 140 })
  expect(page.emitted('update:cups')![0]![0]).toBe(1)
})

it('keeps what stands here under a name, from the version that was seen', async () => {
  const { page, sent } = await choice({ doseG: 11, waterMl: 200 }, 3)
  await button(page, 'Keep as…').trigger('click')
  await page.findAll('input').at(-1)!.setValue('Our bowls')
  await button(page, 'Keep it').trigger('click')
  await flushPromises()
  expect(sent.find((s) => s.method === 'PUT')?.body).toEqual({
    protocols: [PUBLISHED, ONE, { name: 'Our bowls', cups: 3, preparation: { doseG: 11, waterMl: 200 } }],
    version: 2,
  })
})

it('finds the dose for a bowl, and leaves the rest', async () => {
  const { page, sent } = await choice({ waterMl: 200, tdsPpm: 140 })
  expect(button(page, 'Water for this dose').attributes('disabled')).toBeDefined()
  await button(page, 'Dose for this water').trigger('click')
  await flushPromises()
  expect(sent.at(-1)!.path).toBe('/api/table-preparation?waterMl=200')
  expect(page.emitted('update:modelValue')!.at(-1)![0]).toEqual({ doseG: 11, waterMl: 200, tdsPpm: 140 })
})
