import { afterEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import { localTime, momentOf } from '@/shared/format/localTime'
import MendTable from '@/cupping/MendTable.vue'
import LotForm from '@/green/LotForm.vue'
import PlaceForm from '@/roast/PlaceForm.vue'
import PutAsidePage from '@/shared/components/PutAsidePage.vue'
import RemoveThing from '@/shared/components/RemoveThing.vue'

afterEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  vi.unstubAllGlobals()
})

const press = async (page: ReturnType<typeof mountApp>, text: string) => {
  const all = [...document.body.querySelectorAll('button')]
  all.find((b) => b.textContent?.trim() === text)!.click()
  await flushPromises()
  return page
}

describe('what was entered wrongly', () => {
  it('is deleted after asking; what something stands on is put aside instead', async () => {
    const sent = stubServer((method) =>
      method === 'DELETE'
        ? { status: 409, body: { detail: 'There stand on this lot: 2 roasts. It can be put aside.' } }
        : {},
    )
    const page = mountApp(RemoveThing, { kind: 'lots', id: 3, what: 'this lot', after: '/green' })
    await press(page, 'Delete')
    await press(page, 'Delete it')
    expect(page.text()).toContain('2 roasts')
    await press(page, 'Put it aside')
    expect(sent.map((s) => [s.method, s.path, s.body])).toEqual([
      ['DELETE', '/api/lots/3', ''],
      ['PUT', '/api/lots/3/aside', { aside: true }],
    ])
  })

  it('is taken back from where it was put', async () => {
    let there = [{ kind: 'machines', id: 4, name: 'Drum 4' }]
    const sent = stubServer((method) => (method === 'PUT' ? ((there = []), {}) : { body: there }))
    const page = mountApp(PutAsidePage)
    await flushPromises()
    expect(page.text()).toContain('RoasterDrum 4')
    await press(page, 'Take it back')
    await flushPromises()
    expect(sent.find((s) => s.method === 'PUT')).toMatchObject({
      path: '/api/machines/4/aside',
      body: { aside: false },
    })
    expect(page.text()).toContain('Nothing was put aside.')
  })

  it('of a roast is its lot or its day, and the same log elsewhere is said', async () => {
    const sent = stubServer((_, path) => ({
      body: path.endsWith('/same-log')
        ? [{ roastId: 9, title: 'Other Hill, roast 2' }]
        : path === '/api/lots'
          ? [
              { id: 1, name: 'Here' },
              { id: 2, name: 'There' },
            ]
          : {},
    }))
    const roast = { id: 5, lotId: 1, roastedAt: '2026-03-02T09:30:17Z' }
    const page = mountApp(PlaceForm, { roast })
    await flushPromises()
    expect(page.text()).toContain('The same log is kept as Other Hill, roast 2 too')
    await press(page, 'Wrong lot or day…')
    page.findComponent({ name: 'VSelect' }).vm.$emit('update:modelValue', 2)
    await page.find('form').trigger('submit')
    await page.find('form').trigger('submit')
    await flushPromises()
    const puts = sent.filter((s) => s.method === 'PUT')
    // the time was not touched: its seconds stay
    expect(puts.map((s) => s.body)).toEqual([{ lotId: 2 }])
    expect(page.emitted('changed')).toHaveLength(1)
  })

  it('of a revealed table is a sheet, with a reason, and what was given stays to be read', async () => {
    const sheet = {
      id: 7,
      code: '472',
      cupper: 'Ines',
      form: 'hundred-point',
      cups: [],
      words: [],
      intensities: {},
      scales: {},
      version: 3,
      attributes: { flavour: 7, overall: 7 },
    }
    const kept = [
      {
        sheetId: 7,
        wasScore: 80,
        nowScore: 81.5,
        was: {},
        reason: 'mistyped',
        by: 'the lab',
        at: '2026-03-03T09:00:00Z',
      },
    ]
    const sent = stubServer((method, path) => ({
      body: path.endsWith('/corrections') ? kept : method === 'GET' ? sheet : sheet,
    }))
    const table = {
      id: 2,
      kind: 'scoring',
      blind: 'coded',
      told: true,
      cuppedAt: '2026-03-03T08:00:00Z',
      progress: [{ cupper: 'Ines', code: '472', sheetId: 7, unscored: 0, written: true }],
    }
    const page = mountApp(MendTable, { table })
    await flushPromises()
    expect(page.text()).toContain('Ines, 472: 81.50, was 80.00 as given blind. mistyped')
    await press(page, 'Correct a sheet…')
    page.findComponent({ name: 'VSelect' }).vm.$emit('update:modelValue', 7)
    await flushPromises()
    const overall = page.findAllComponents({ name: 'NumberField' }).at(-1)!
    overall.vm.$emit('update:modelValue', 8.5)
    await page.findAll('input').at(-1)!.setValue('the paper says 8.5')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(sent.find((s) => s.method === 'POST')).toMatchObject({
      path: '/api/cuppings/2/sheets/7/correction',
      body: {
        reason: 'the paper says 8.5',
        sheet: { code: '472', version: 3, attributes: { flavour: 7, overall: 8.5 } },
      },
    })
  })

  it('of a sheet, half typed, is found again by whoever comes back', async () => {
    const sheet = { id: 7, code: '472', attributes: { overall: 7 } }
    stubServer((_, path) => ({ body: path.endsWith('/corrections') ? [] : sheet }))
    const table = {
      id: 2,
      blind: 'coded',
      told: true,
      cuppedAt: '2026-03-03T08:00:00Z',
      progress: [{ cupper: 'Ines', code: '472', sheetId: 7, unscored: 0, written: true }],
    }
    for (const reason of ['the paper says', undefined]) {
      const page = mountApp(MendTable, { table })
      await flushPromises()
      await press(page, 'Correct a sheet…')
      page.findComponent({ name: 'VSelect' }).vm.$emit('update:modelValue', 7)
      await flushPromises()
      const field = page.findAll('input').at(-1)!
      if (reason) {
        await field.setValue(reason)
      } else {
        expect((field.element as HTMLInputElement).value).toBe('the paper says')
      }
      page.unmount()
    }
  })

  it('is asked about where a lot is there whose name differs by spaces and case', async () => {
    stubServer(() => ({ body: [{ id: 3, name: 'Velquora Hollow', supplier: 'Casa' }] }))
    const page = mountApp(LotForm)
    await flushPromises()
    const name = page.findAll('input')[0]!
    await name.setValue('Velquora')
    expect(page.text()).not.toContain('Is it the same?')
    await name.setValue(' velquora  hollow ')
    expect(page.text()).toContain('There is a lot Velquora Hollow of Casa already. Is it the same?')
  })
})

it('a moment goes to a field and back by the clock of the device', () => {
  expect(momentOf(localTime('2026-03-02T09:30:00Z'))).toBe('2026-03-02T09:30:00.000Z')
  expect(momentOf('')).toBeUndefined()
  expect(momentOf('2026-03')).toBeDefined()
  expect(momentOf('tomorrow')).toBeUndefined()
})
