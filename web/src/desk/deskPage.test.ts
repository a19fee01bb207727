import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import DeskPage from './DeskPage.vue'
import { batch, desk, link, wire, type State } from './testDesk'

describe('the page of the desk', () => {
  class Stream {
    static last: Stream
    onerror: (() => void) | null = null
    private listener: ((e: { data: string }) => void) | undefined
    constructor(readonly url: string) {
      Stream.last = this
    }
    addEventListener(_name: string, listener: (e: { data: string }) => void) {
      this.listener = listener
    }
    say(state: State, readings = wire(0, [])) {
      this.listener?.({ data: JSON.stringify({ state, seq: readings.timeS.length, readings }) })
    }
    close() {}
  }
  beforeEach(() => vi.stubGlobal('EventSource', Stream))
  afterEach(() => vi.unstubAllGlobals())

  const drum = { settings: { gas: { min: 0, max: 85, step: 2 }, air: { min: 20, max: 100, step: 10 } } }
  async function page(state: State, roast: object = {}) {
    const sent = stubServer((_m, path) => {
      if (path.startsWith('/api/machines/')) {
        return { body: drum }
      }
      return { body: { roasts: [], batches: [], drift: '', ...roast } }
    })
    const mounted = mountApp(DeskPage)
    Stream.last.say(state)
    await flushPromises()
    return { mounted, sent }
  }
  const press = (key: string, shiftKey = false) =>
    document.body.dispatchEvent(
      new KeyboardEvent('keydown', { key, shiftKey, cancelable: true, bubbles: true }),
    )

  it('marks the next expected event by the space bar, once for two touches', async () => {
    const { mounted, sent } = await page(desk({ phase: 'cooling', cooling: { elapsedS: 1, limitS: 240 } }))
    Stream.last.say(desk({ phase: 'preparing', expected: 'charge', gate: undefined }))
    await flushPromises()
    expect(mounted.text()).toContain('charge')
    press(' ')
    press(' ')
    await flushPromises()
    const events = sent.filter((s) => s.path.endsWith('/events'))
    expect(events).toHaveLength(1)
    expect(events[0]!.body).toMatchObject({ kind: 'charge' })
    mounted.unmount()
  })

  it('takes the last entry back by Z and says when the server is away', async () => {
    const { mounted, sent } = await page(
      desk({ phase: 'cooling', cooling: { elapsedS: 1, limitS: 240 }, batch: batch({ roastId: 3 }) }),
    )
    press('z')
    await flushPromises()
    expect(sent.some((s) => s.method === 'DELETE' && s.path.endsWith('/entries/2'))).toBe(true)
    Stream.last.onerror?.()
    await flushPromises()
    expect(mounted.text()).toContain('does not reach the server')
    mounted.unmount()
  })

  it('moves gas and air by the arrows, within the range of the roaster and by no less than its step', async () => {
    const { mounted, sent } = await page(desk({ figures: { gasPct: 82, airflowPct: 40 } }))
    press('ArrowUp')
    press('ArrowDown')
    press('ArrowDown', true)
    press('ArrowRight')
    press('ArrowLeft', true)
    await flushPromises()
    await vi.waitFor(() =>
      expect(sent.filter((s) => s.path.endsWith('/controls')).map((s) => s.body)).toMatchObject([
        { control: 'gas', value: 85 },
        { control: 'gas', value: 80 },
        { control: 'gas', value: 78 },
        { control: 'air', value: 50 },
        { control: 'air', value: 40 },
      ]),
    )
    mounted.unmount()
  })

  it('asks where a lever stands that nobody told, and logs nothing before', async () => {
    const { mounted, sent } = await page(desk({ figures: {} }))
    press('ArrowDown')
    await flushPromises()
    expect(sent.filter((s) => s.path.endsWith('/controls'))).toEqual([])
    expect(mounted.text()).toContain('Where the gas stands now, %')
    await mounted.find('form.lever input').setValue('62,5')
    await mounted.find('form.lever').trigger('submit')
    await flushPromises()
    expect(sent.at(-1)).toMatchObject({ body: { control: 'gas', value: 62.5 } })
    expect(mounted.find('form.lever').exists()).toBe(false)
    mounted.unmount()
  })

  it('takes digits for a temperature where readings are typed, wherever the focus is', async () => {
    const { mounted, sent } = await page(desk({ link: link({ status: 'by-hand' }) }))
    ;(document.activeElement as HTMLElement | null)?.blur()
    for (const key of ['1', '5', '3']) {
      press(key)
    }
    await flushPromises()
    expect(sent.filter((s) => s.path.endsWith('/notes'))).toEqual([])
    expect((mounted.find('form.typed input').element as HTMLInputElement).value).toBe('153')
    mounted.unmount()
  })

  it('says one thing alone where a roast runs on past its drop', async () => {
    const warning = {
      kind: 'drop-now',
      safety: true,
      overrun: true,
      sinceS: 400,
      title: 'Drop now',
      says: 'The bean probe is at 207 °C',
      answer: 'Drop.',
    }
    const { mounted } = await page(desk({ warning }))
    expect(mounted.find('.overrun[role=alert]').text()).toContain('Drop now')
    press('w')
    await flushPromises()
    expect(mounted.find('.overrun[role=alert]').exists()).toBe(true)
    mounted.unmount()
  })

  it('marks by touch what came before it was expected', async () => {
    const { mounted, sent } = await page(desk({ expected: 'first_crack' }))
    const touch = async (text: string) => {
      await mounted
        .findAll('button')
        .find((b) => b.text().endsWith(text))!
        .trigger('click')
      await flushPromises()
    }
    await touch('other event')
    await touch('Xdrop')
    expect(sent.at(-1)).toMatchObject({ path: expect.stringMatching(/events$/), body: { kind: 'drop' } })
    expect(mounted.text()).not.toContain('second crack')
    mounted.unmount()
  })

  it('puts a warning away by W until another one comes', async () => {
    const warning = {
      kind: 'crash',
      safety: false,
      overrun: false,
      sinceS: 400,
      title: 'A crash is coming',
      says: 'x',
      answer: 'y',
    }
    const { mounted } = await page(desk({ warning }))
    expect(mounted.find('[role=alert]').text()).toContain('A crash is coming')
    press('w')
    await flushPromises()
    expect(mounted.find('[role=alert]').exists()).toBe(false)
    Stream.last.say(desk({ warning: { ...warning, sinceS: 430 } }))
    await flushPromises()
    expect(mounted.find('[role=alert]').exists()).toBe(true)
    mounted.unmount()
  })

  it('warns of dangers alone in a lab that tells a curve after its cup', async () => {
    const warning = {
      kind: 'crash',
      safety: false,
      overrun: false,
      sinceS: 400,
      title: 'A crash is coming',
      says: 'x',
      answer: 'y',
    }
    const { mounted } = await page(desk({ warning }), { afterCup: true, cupped: [] })
    expect(mounted.text()).not.toContain('A crash is coming')
    const failing = { ...warning, safety: true, title: 'The heat is failing' }
    Stream.last.say(desk({ warning: failing }))
    await flushPromises()
    expect(mounted.find('[role=alert]').text()).toContain('The heat is failing')
    mounted.unmount()
  })

  it('knows after it was loaded again that the roast was set aside', async () => {
    const cooling = desk({
      phase: 'cooling',
      cooling: { elapsedS: 9, limitS: 240 },
      batch: batch({ roastId: 3 }),
    })
    const { mounted } = await page(cooling, { discardedReason: 'Wrong lot.' })
    expect(mounted.text()).toContain('Excluded: Wrong lot.')
    expect(mounted.text()).toContain('Take it back')
    mounted.unmount()
  })
})
