import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { mountApp, stubServer } from '@/shared/testMount'
import CuppingPage from './CuppingPage.vue'
import RevealCard from './RevealCard.vue'
import { emptySheet, roast, select, table } from './testTables'

const sheet = emptySheet('214')

beforeEach(() => localStorage.clear())
afterEach(() => vi.unstubAllGlobals())

describe('a coded table', () => {
  it('asks who cups, and takes the first code in hand under that name', async () => {
    const sent = stubServer((method, path) =>
      method === 'POST'
        ? {
            status: 201,
            body: sheet,
          }
        : { body: path.endsWith('NaN') ? table() : [] },
    )
    const page = mountApp(CuppingPage)
    await flushPromises()
    expect(page.text()).toContain('Who cups here?')
    expect(page.find('[aria-label="Samples on the table"]').exists()).toBe(false)
    await page.find('form.seat input').setValue('Ines')
    await page.find('form.seat').trigger('submit')
    await flushPromises()
    expect(sent.find((s) => s.method === 'POST')?.body).toEqual({ code: '214', cupper: 'Ines' })
    page.unmount()
  })

  it('seats who sat there before the page was left', async () => {
    localStorage.setItem('barrowmist.cupper', 'Ines')
    const progress = [{ sheetId: 3, cupper: 'Ines', code: '214', unscored: 7 }]
    const sent = stubServer((_, path) => ({
      body: path.endsWith('NaN') ? table({ progress }) : path.includes('/sheets/') ? sheet : [],
    }))
    const page = mountApp(CuppingPage)
    await flushPromises()
    expect(sent.some((s) => s.path.endsWith('/sheets/3'))).toBe(true)
    expect(page.text()).not.toContain('Who cups here?')
    page.unmount()
  })
})

describe('RevealCard', () => {
  it('asks what stands at each place before a shuffled table is revealed', async () => {
    const keyed = {
      samples: [
        { code: '', roastId: 7 },
        { code: '', outside: { name: 'A bag' } },
      ],
      sets: [],
    }
    const sent = stubServer((_method, path) => ({ body: path.endsWith('/key') ? keyed : [roast(7, 'Hill')] }))
    const shuffled = {
      blind: 'underside',
      unmatched: true,
      unfinished: 0,
      samples: [{ code: '1' }, { code: '2' }],
    }
    const card = mountApp(RevealCard, { table: table(shuffled) })
    expect(card.text()).not.toContain('Key…')
    await card
      .findAll('button')
      .find((b) => b.text() === 'Reveal…')!
      .trigger('click')
    await flushPromises()
    select(card, 'Place 1').vm.$emit('update:modelValue', 1)
    await flushPromises()
    expect(select(card, 'Place 2').props('items')).toEqual([{ title: 'Hill, roast 1', value: 0 }])
    select(card, 'Place 2').vm.$emit('update:modelValue', 0)
    await flushPromises()
    await card.find('form').trigger('submit')
    await flushPromises()
    expect(sent.find((x) => x.method === 'PUT')?.body).toEqual([
      { place: 1, name: 'A bag' },
      { place: 2, roastId: 7 },
    ])
    expect(card.emitted('changed')).toHaveLength(1)
    await card.setProps({ table: table({ ...shuffled, unmatched: false }) })
    expect(card.text()).toContain('Reveal the table')
  })

  it('frees the seat of somebody who comes back with another device, asked twice', async () => {
    const sent = stubServer(() => ({ body: undefined }))
    const card = mountApp(RevealCard, { table: table({ joined: ['Ines'], joinCode: 'ACD379' }) })
    expect(card.text()).toContain('ACD379')
    await card.find('[aria-label="Free the seat of Ines"]').trigger('click')
    expect(sent).toHaveLength(0)
    await card
      .findAll('button')
      .find((b) => b.text() === 'Free the seat')!
      .trigger('click')
    await flushPromises()
    expect(sent.find((c) => c.method !== 'GET')).toMatchObject({
      method: 'DELETE',
      path: '/api/cuppings/5/seats/Ines',
    })
    expect(card.emitted('changed')).toHaveLength(1)
  })

  it('asks for a word while something is unfinished', async () => {
    const sent = stubServer(() => ({ body: table({ told: true }) }))
    const card = mountApp(RevealCard, {
      table: table({ progress: [{ sheetId: 3, cupper: 'Ines', code: '214', unscored: 0 }] }),
    })
    expect(card.text()).toContain('Ines 1 of 2 scored')
    await card
      .findAll('button')
      .find((b) => b.text() === 'Reveal…')!
      .trigger('click')
    expect(card.text()).toContain('1 sheet is not finished')
    await card.find('form input').setValue('the kettle broke')
    await card.find('form').trigger('submit')
    await flushPromises()
    expect(sent[0]).toMatchObject({ path: '/api/cuppings/5/reveal', body: { reason: 'the kettle broke' } })
    expect(card.emitted('changed')).toHaveLength(1)
    card.unmount()
  })

  it('shows the key only after saying that it is noted', async () => {
    const sent = stubServer((_, path) => ({
      body: path.endsWith('/key')
        ? {
            samples: [{ code: '214', roastId: 7 }],
            sets: [],
            warnings: [{ roastId: 7, text: 'Needs 49.5 g.' }],
          }
        : [roast(7, 'Hill')],
    }))
    const card = mountApp(RevealCard, { table: table() })
    await card
      .findAll('button')
      .find((b) => b.text() === 'Key…')!
      .trigger('click')
    expect(sent).toHaveLength(0)
    expect(card.text()).toContain('is noted on the table')
    await card
      .findAll('button')
      .find((b) => b.text() === 'Show the key')!
      .trigger('click')
    await flushPromises()
    expect(card.text()).toContain('Hill, roast 1')
    card.unmount()
  })
})
