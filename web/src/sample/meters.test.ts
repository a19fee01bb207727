import { afterEach, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import MetersPage from './MetersPage.vue'
import { told } from './colourMeter'

afterEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  vi.unstubAllGlobals()
})

const colour = {
  name: 'Colour 1',
  kind: 'colour' as const,
  everyDays: 90,
  counts: 'more-is-darker' as const,
  scale: 'Maker 0–100',
  keptFrom: 100,
  note: 'Colour 1: nobody said when it was calibrated.',
}

it('says over the colours which scale and which way, and when the meter is due', () => {
  expect(told(colour)).toEqual({
    scale: 'Maker 0–100',
    says: `As your meter shows it: more is darker. Everywhere else more is lighter. ${colour.note}`,
  })
  expect(told()).toEqual({ scale: '', says: 'More is lighter.' })
})

it('keeps meters once on a double press, and says what was refused', async () => {
  let refuse = false
  const sent = stubServer((method) =>
    method === 'PUT' && refuse
      ? { status: 422, body: { detail: 'refused', problems: [{ field: 'meters', message: 'there twice' }] } }
      : { body: { meters: [colour], version: 3 } },
  )
  const page = mountApp(MetersPage, {})
  await flushPromises()
  expect(page.text()).toContain(colour.note)
  await page.find('form').trigger('submit')
  await page.find('form').trigger('submit')
  await flushPromises()
  const puts = sent.filter((s) => s.method === 'PUT')
  expect(puts).toHaveLength(1)
  expect(puts[0]!.body).toMatchObject({ version: 3, meters: [{ name: 'Colour 1' }] })
  expect(page.text()).toContain('Kept.')
  refuse = true
  await page.find('form').trigger('submit')
  await flushPromises()
  expect(page.text()).toContain('there twice')
  expect(page.text()).not.toContain('Kept.')
})

it('finds a meter that was typed and not kept', async () => {
  stubServer(() => ({ body: { meters: [], version: 3 } }))
  const first = mountApp(MetersPage, {})
  await flushPromises()
  await first
    .findAll('button')
    .find((b) => b.text() === 'Add a meter')!
    .trigger('click')
  await first.find('input').setValue('Scale 2')
  first.unmount()
  const again = mountApp(MetersPage, {})
  await flushPromises()
  expect(again.findAll('input').some((i) => i.element.value === 'Scale 2')).toBe(true)
})
