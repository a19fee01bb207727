import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { mountApp, stubServer } from '@/shared/testMount'
import ClockCard from './ClockCard.vue'
import { sampleNow, stepAt, type Clock } from './clock'

const NAMES = { '214': '214', '907': '907' }
/** A clock whose first pour was so many seconds ago, by a server whose time is an hour ahead of ours. */
function poured(agoS: number | undefined, broken: (number | undefined)[] = []): Clock {
  const now = Date.now() + 3_600_000
  return {
    now: new Date(now).toISOString(),
    pouredAt: agoS === undefined ? undefined : new Date(now - 1000 * agoS).toISOString(),
    steps: [
      { stage: 'pour', fromS: 0 },
      { stage: 'leave', fromS: 21 },
      { stage: 'break', fromS: 240 },
      { stage: 'skim', fromS: 290 },
      { stage: 'taste', fromS: 540, c: 71 },
    ],
    samples: [
      {
        code: '214',
        pourS: 0,
        poured: false,
        breakS: 240,
        brokenS: broken[0],
        early: false,
        late: (broken[0] ?? 0) > 300,
      },
      { code: '907', pourS: 20, poured: false, breakS: 260, brokenS: broken[1], early: false, late: false },
    ],
    gapS: 20,
    readings: 0,
    covered: false,
    pouredLate: false,
  }
}
afterEach(() => vi.unstubAllGlobals())

describe('stepAt', () => {
  it('finds the step that runs and the next, also past the last one', () => {
    expect(stepAt(poured(0), 30).now?.stage).toBe('leave')
    expect(stepAt(poured(0), 240).now?.stage).toBe('break')
    expect(stepAt(poured(0), 240).next?.stage).toBe('skim')
    expect(stepAt(poured(0), 9999).now?.stage).toBe('taste')
    expect(stepAt(poured(0), 9999).next).toBeUndefined()
  })

  it('names the sample that is poured, or broken, next', () => {
    expect(sampleNow(poured(0), 'pour', 0)?.code).toBe('214')
    expect(sampleNow(poured(0), 'pour', 15)?.code).toBe('907')
    expect(sampleNow(poured(0, [241]), 'break', 250)?.code).toBe('907')
    expect(sampleNow(poured(0, [241, 262]), 'break', 270)).toBeUndefined()
  })
})

describe('ClockCard', () => {
  it('says when the next one is poured', async () => {
    stubServer(() => ({ body: poured(5) }))
    const card = mountApp(ClockCard, { id: 5, names: NAMES })
    await flushPromises()
    expect(card.find('[role=status]').text()).toBe('Pour 907 at 0:20')
    card.unmount()
  })

  it('starts with a pour', async () => {
    let clock = poured(undefined)
    const sent = stubServer((method) => {
      clock = method === 'POST' ? poured(0) : clock
      return { body: clock }
    })
    const card = mountApp(ClockCard, { id: 5, names: NAMES })
    await flushPromises()
    await card
      .findAll('button')
      .find((b) => b.text() === 'Pour now')!
      .trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.method === 'POST')).toMatchObject({
      path: '/api/cuppings/5/clock/pour',
      body: { gapS: 20 },
    })
    expect(card.find('[role=status]').text()).toBe('Pour 214')
    // a wet finger does not end a clock
    await card
      .findAll('button')
      .find((b) => b.text() === 'Pour again…')!
      .trigger('click')
    expect(sent.some((s) => s.method === 'DELETE')).toBe(false)
    await card
      .findAll('button')
      .find((b) => b.text().startsWith('Forget'))!
      .trigger('click')
    await flushPromises()
    expect(sent.some((s) => s.method === 'DELETE')).toBe(true)
    card.unmount()
  })

  it('says what to do by the server’s time, and notes a break', async () => {
    let clock = poured(245)
    const sent = stubServer((method) => {
      clock = method === 'POST' ? poured(246, [246]) : clock
      return { body: clock }
    })
    const card = mountApp(ClockCard, { id: 5, names: NAMES })
    await flushPromises()
    expect(card.find('output').text()).toMatch(/^4:0[45]$/)
    expect(card.find('[role=status]').text()).toBe('Break the crust 214')
    await card
      .findAll('button')
      .find((b) => b.text() === 'Broken: 214')!
      .trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.method === 'POST')?.body).toEqual({ code: '214' })
    expect(card.find('[role=status]').text()).toBe('Break the crust 907')
    card.unmount()
  })

  it('says a late break, and a refused thermometer', async () => {
    stubServer((method) =>
      method === 'POST'
        ? { status: 422, body: { detail: 'x', problems: [{ field: 'c', message: 'Temperature is 200' }] } }
        : { body: poured(600, [310, 320]) },
    )
    const card = mountApp(ClockCard, { id: 5, names: NAMES })
    await flushPromises()
    expect(card.text()).toContain('214 was broken late, at 5:10')
    await card.find('form input').setValue('200')
    await card.find('form').trigger('submit')
    await flushPromises()
    expect(card.find('p[role=alert]').text()).toBe('Temperature is 200')
    card.unmount()
  })

  it('is looked at from a cupper’s device, and asks the server nothing', async () => {
    const sent = stubServer(() => ({ body: {} }))
    const card = mountApp(ClockCard, { id: 5, names: {}, clock: poured(250) })
    await flushPromises()
    expect(card.find('[role=status]').text()).toContain('Break the crust 214')
    expect(card.findAll('button')).toHaveLength(0)
    await card.setProps({ clock: poured(undefined) })
    expect(card.text()).toContain('The clock begins with the pour.')
    expect(sent).toHaveLength(0)
  })
})
