import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { mountApp, stubServer } from '@/shared/testMount'
import LayTable from './LayTable.vue'
import { roast, select } from './testTables'

beforeEach(() => localStorage.clear())
afterEach(() => vi.unstubAllGlobals())

/** A server that says how tables are laid, and takes one. */
const lab = (taken: { status: number; body: object } = { status: 201, body: { id: 5 } }) =>
  stubServer((method, path) => {
    // on a busy machine the warnings are asked for before the test is through
    if (path === '/api/table-warnings') {
      return { body: [] }
    }
    if (method === 'POST') {
      return taken
    }
    if (path.startsWith('/api/table-kinds')) {
      return {
        body: [
          { kind: 'scoring', fewest: 0, most: 40 },
          { kind: 'triangle', fewest: 2, most: 2 },
          { kind: 'roast-off', fewest: 2, most: 8 },
        ],
      }
    }
    const plan = { sets: 18, text: '10 right of 18 show it.' }
    return { body: path.startsWith('/api/triangle-plan') ? plan : { doseG: 8.25, waterMl: 150, waterC: 93 } }
  })

describe('LayTable', () => {
  it('lays a roast a second time, treated otherwise', async () => {
    const sent = lab()
    const form = mountApp(LayTable, { roasts: [roast(7, 'Hill')], waiting: [], chosen: [7] })
    select(form, 'What is asked').vm.$emit('update:modelValue', 'triangle')
    await flushPromises()
    await form.find('input[placeholder="quakers picked out"]').setValue('left open three days')
    await form.find('form').trigger('submit')
    await flushPromises()
    expect(sent.find((x) => x.path === '/api/cuppings')?.body).toMatchObject({
      samples: [{ roastId: 7 }, { roastId: 7, treatment: 'left open three days' }],
    })
  })

  it('does not say of a lab without a roast that every one was cupped', async () => {
    lab()
    const form = mountApp(LayTable, { roasts: [], waiting: [], chosen: [] })
    await flushPromises()
    expect(form.text()).toContain('There is no roast yet')
    expect(form.text()).not.toContain('Every roast has been cupped')
  })

  it('begins as the way here asked: old beside new, blind', async () => {
    stubServer(() => ({ body: [] }))
    const form = mountApp(LayTable, {
      roasts: [roast(7, 'Hill'), roast(8, 'Hill')],
      waiting: [],
      chosen: [7, 8],
      askedKind: 'triangle',
      askedBlind: 'coded',
    })
    await flushPromises()
    expect(select(form, 'What is asked').props('modelValue')).toBe('triangle')
    expect(select(form, 'Who may know').props('modelValue')).toBe('coded')
    expect(form.text()).toContain('Begin with 2 samples')
  })

  it('lays a triangle of two samples, each once, and says what its sets can show', async () => {
    const sent = lab()
    const form = mountApp(LayTable, {
      roasts: [roast(7, 'Hill'), roast(8, 'Slope')],
      waiting: [7, 8],
      chosen: [7],
    })
    select(form, 'What is asked').vm.$emit('update:modelValue', 'triangle')
    await flushPromises()
    expect(form.text()).toContain('10 right of 18 show it.')
    expect(form.text()).toContain('choose two')
    expect(form.find('button[type=submit]').attributes('disabled')).toBeDefined()
    await form.findAll('input[type=checkbox]')[1]!.setValue(true)
    await form.find('form').trigger('submit')
    await flushPromises()
    expect(sent.find((x) => x.path === '/api/cuppings')?.body).toMatchObject({
      kind: 'triangle',
      blind: 'coded',
      assessments: 18,
      samples: [
        { roastId: 7, times: 1 },
        { roastId: 8, times: 1 },
      ],
    })
  })

  it('sends what is laid, a hidden pair twice, with a decimal comma in the dose', async () => {
    const sent = lab()
    const form = mountApp(LayTable, {
      roasts: [roast(7, 'Hill'), roast(8, 'Slope')],
      waiting: [7, 8],
      chosen: [7],
    })
    select(form, 'Who may know').vm.$emit('update:modelValue', 'coded')
    await flushPromises()
    const twice = form
      .findAllComponents({ name: 'VCheckbox' })
      .find((c) => c.props('label') === 'under two codes')!
    await twice.find('input').setValue(true)
    const texts = form.findAll('input[type=text]')
    await texts
      .filter((i) => i.element.getAttribute('maxlength') === '200')
      .at(-1)!
      .setValue(' Corner shop ')
    const dose = form.findAllComponents({ name: 'NumberField' }).find((c) => c.props('label') === 'Dose')!
    await dose.find('input').setValue('8,5')
    expect(form.text()).toContain('Begin with 2 samples')
    await form.find('form').trigger('submit')
    await flushPromises()
    expect(sent.find((x) => x.path === '/api/cuppings')?.body).toEqual({
      kind: 'scoring',
      cups: 5,
      form: 'hundred-point',
      blind: 'coded',
      protocol: { doseG: 8.5, waterMl: 150, waterC: 93 },
      samples: [
        { roastId: 7, times: 2 },
        { outside: { name: 'Corner shop' }, times: 1 },
      ],
    })
  })

  it('says what is wrong and keeps what was laid', async () => {
    lab({
      status: 422,
      body: { detail: 'Not kept', problems: [{ field: 'samples', message: 'Too many samples' }] },
    })
    const form = mountApp(LayTable, { roasts: [roast(7, 'Hill')], waiting: [7], chosen: [] })
    await form.find('input[type=checkbox]').setValue(true)
    await form.find('form').trigger('submit')
    await flushPromises()
    expect(form.find('p[role=alert]').text()).toBe('Too many samples')
    form.unmount()
    const again = mountApp(LayTable, { roasts: [roast(7, 'Hill')], waiting: [7], chosen: [] })
    expect(again.text()).toContain('Begin with 1 sample')
  })

  it('says how many samples a roast-off takes, as the server has it', async () => {
    lab()
    const form = mountApp(LayTable, { roasts: [roast(7, 'Hill')], waiting: [7], chosen: [7] })
    select(form, 'What is asked').vm.$emit('update:modelValue', 'roast-off')
    await flushPromises()
    expect(form.text()).toContain('A roast-off is of 2 to 8 samples.')
    expect(form.find('button[type=submit]').attributes('disabled')).toBeDefined()
  })
})

describe('before a table is laid', () => {
  it('says at each roast what it lacks', async () => {
    vi.useFakeTimers()
    stubServer((_method, path) => ({
      body: path === '/api/table-warnings' ? [{ roastId: 7, text: 'Needs 49.5 g; 40 g are there.' }] : [],
    }))
    const form = mountApp(LayTable, { roasts: [roast(7, 'Hill')], waiting: [7], chosen: [7] })
    await vi.advanceTimersByTimeAsync(1000)
    vi.useRealTimers()
    await flushPromises()
    expect(form.find('[aria-label="Before the pour of Hill, roast 1"]').text()).toContain('Needs 49.5 g')
    form.unmount()
  })
})
