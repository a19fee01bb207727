import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import { TimeScale, layout } from '@/shared/chart/geometry'
import EventRail from '@/shared/chart/EventRail.vue'
import PhaseRuler from '@/shared/chart/PhaseRuler.vue'
import EventsPanel from './EventsPanel.vue'
import FiguresPanel from './FiguresPanel.vue'
import { importLog, mappingOf, megabytes } from './importing'
import { useRoast } from './useRoast'

const band = { learned: false, roasts: 2, needed: 5 }
const reference = {
  chargeC: band,
  turningPointS: band,
  turningPointC: band,
  peakCPerMin: band,
  environmentDropC: band,
}
const analysis = {
  phases: {},
  environment: {},
  faults: [],
  missing: [],
  notices: [],
  reference,
  chargeC: 190,
  turningPoint: { timeS: 67, beanC: 94 },
  drying: { fromS: 0, toS: 285, sharePct: 47.5, riseC: 66, meanRorCPerMin: 18 },
}
const events = [
  { kind: 'charge', timeS: 0 },
  { kind: 'first_crack', timeS: 482, movedFromS: 480 },
]

afterEach(() => {
  document.body.innerHTML = ''
  vi.unstubAllGlobals()
})

describe('EventsPanel', () => {
  it('says from where an event was moved, and what was found by itself', () => {
    const panel = mountApp(EventsPanel, { events, analysis })
    expect(panel.text()).toContain('moved, was 8:00')
    expect(panel.text()).toContain('found')
    expect(panel.text()).toContain('94.0 °C')
  })

  it('marks a missing event where the chart is read', async () => {
    const panel = mountApp(EventsPanel, { events, analysis, cursor: 590 })
    const drop = panel.findAll('tr').find((r) => r.text().startsWith('drop'))!
    await drop.find('button').trigger('click')
    expect(panel.emitted('move')?.[0]).toEqual(['drop', 590])
  })

  it('takes a typed time, and puts back what is none', async () => {
    const panel = mountApp(EventsPanel, { events, analysis })
    const time = panel.find('[aria-label^="Time of first crack"]')
    await time.setValue('8:05')
    expect(panel.emitted('move')?.[0]).toEqual(['first_crack', 485])
    await time.setValue('soon')
    expect((time.element as HTMLInputElement).value).toBe('8:02')
  })
})

describe('FiguresPanel', () => {
  it('says what is missing and what is not yet learned instead of a number', () => {
    const panel = mountApp(FiguresPanel, { analysis, machine: 'Drum 1', process: 'natural' })
    expect(panel.text()).toContain('an event is missing')
    expect(panel.text()).toContain('not yet learned (2 of 5)')
    expect(panel.text()).toContain('not known')
    expect(panel.text()).toContain('47.5 %')
  })

  it('marks an environment at the drop that lies far above or below the usual', () => {
    const off = (dropC: number, spread: number) => {
      const usual = { learned: true, roasts: 9, needed: 5, median: 240, spread }
      const panel = mountApp(FiguresPanel, {
        analysis: {
          ...analysis,
          environment: { dropC },
          reference: { ...reference, environmentDropC: usual },
        },
        machine: 'Drum 1',
        process: 'natural',
      })
      const row = panel.findAll('tr').find((r) => r.text().includes('240.0 °C in 9 roasts'))!
      expect(row.text()).toContain(`${dropC}.0 °C`)
      return row.html().includes('ember')
    }
    expect([off(252, 3), off(228, 3), off(252, 7)]).toEqual([true, true, false])
  })
})

describe('EventRail', () => {
  const scale = new TimeScale(layout(700, 460, 2, 2), 0, 600)
  const rail = () => mountApp(EventRail, { events, scale, top: 34, bottom: 400, editable: true })

  it('moves an event by keys, a second or ten', async () => {
    const shown = rail()
    const crack = shown.find('[aria-label="first crack"]')
    expect(crack.attributes('aria-valuetext')).toBe('8:02')
    await crack.trigger('keydown', { key: 'ArrowRight' })
    await crack.trigger('keydown', { key: 'ArrowLeft', shiftKey: true })
    await crack.trigger('keydown', { key: 'Delete' })
    expect(shown.emitted('move')).toEqual([
      ['first_crack', 483],
      ['first_crack', 472],
    ])
    expect(shown.emitted('remove')).toEqual([['first_crack']])
  })

  it('only shows them where nothing may be edited', () => {
    const still = mountApp(EventRail, { events, scale, top: 34, bottom: 400, editable: false })
    expect(still.findAll('[role=slider]')).toHaveLength(0)
    expect(still.text()).toContain('first crack 8:02')
  })
})

it('names the phases on the ruler, in short where it is narrow', () => {
  const wide = mountApp(PhaseRuler, { analysis, scale: new TimeScale(layout(900, 460, 2, 2), 0, 600) })
  expect(wide.text()).toBe('drying 4:45 · 48 %')
  const narrow = mountApp(PhaseRuler, { analysis, scale: new TimeScale(layout(340, 460, 2, 2), 0, 600) })
  expect(narrow.find('.phase').text()).toContain('dry. 4:45 · 48 %')
})

describe('importing', () => {
  it('sends the bytes as they are, with every decision', async () => {
    const sent = stubServer(() => ({ status: 201, body: { id: 7 } }))
    const result = await importLog(new Blob(['time,BT\n']), {
      lotId: 3,
      machineId: 1,
      map: ['BT:bean_c'],
      celsius: 'as-written',
      again: false,
    })
    expect(result.data?.id).toBe(7)
    expect(sent[0]!.path).toBe(
      '/api/lots/3/roasts?machineId=1&map=BT%3Abean_c&celsius=as-written&again=false',
    )
    expect(sent[0]!.body).toBe('time,BT\n')
  })

  it('tells a question from a refusal', () => {
    expect(mappingOf({ reason: 'problems' })).toBeUndefined()
    expect(mappingOf({ reason: 'unknown-headings', unknown: ['BT'] })?.unknown).toEqual(['BT'])
    expect(megabytes(60 * 1048576)).toBe('60.0 MB')
  })
})

describe('useRoast', () => {
  function serve(changes: Record<string, number>) {
    return stubServer((method, path, body) => {
      const kind = path.split('/').at(-1)!
      if (method === 'PUT') {
        changes[kind] = (body as { timeS: number }).timeS
      }
      if (method === 'DELETE') {
        delete changes[kind]
      }
      const marked = Object.entries(changes).map(([k, timeS]) => ({ kind: k, timeS }))
      return { body: { events: marked, timeS: [], value: [] } }
    })
  }

  it('shows a move at once and sends of several only the last', async () => {
    const sent = serve({ first_crack: 480 })
    const scope = effectScope()
    const roast = scope.run(() => useRoast(5))!
    await flushPromises()
    for (const timeS of [481, 482, 483]) {
      roast.move('first_crack', timeS)
    }
    expect(roast.events.value).toEqual([{ kind: 'first_crack', timeS: 483 }])
    await vi.waitFor(() => {
      const puts = sent.filter((s) => s.method === 'PUT').map((s) => s.body)
      expect(puts).toEqual([{ timeS: 481 }, { timeS: 483 }])
    })
    scope.stop()
  })

  it('counts what still waits from the new charge when the charge was moved', async () => {
    const sent = serve({ charge: 0 })
    const scope = effectScope()
    const roast = scope.run(() => useRoast(5))!
    await flushPromises()
    roast.move('charge', 1)
    roast.move('charge', 3)
    roast.move('drop', 590)
    await vi.waitFor(() => {
      const puts = sent.filter((s) => s.method === 'PUT').map((s) => s.body)
      expect(puts).toEqual([{ timeS: 1 }, { timeS: 2 }, { timeS: 587 }])
    })
    scope.stop()
  })

  it('puts a removed event back where it was', async () => {
    const sent = serve({ drop: 590 })
    const scope = effectScope()
    const roast = scope.run(() => useRoast(5))!
    await flushPromises()
    roast.remove('drop')
    await vi.waitFor(() => expect(roast.events.value).toEqual([]))
    roast.putBack()
    await vi.waitFor(() => expect(roast.events.value).toEqual([{ kind: 'drop', timeS: 590 }]))
    expect(sent.map((s) => s.method)).toContain('DELETE')
    scope.stop()
  })
})
