import { describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import OverlayChart from '@/shared/chart/OverlayChart.vue'
import RoastsPage from './RoastsPage.vue'
import RoastTable from './RoastTable.vue'

const roast = (id: number) => ({
  id,
  lotId: 1,
  lotName: 'Gatovu Hill',
  process: 'washed',
  greenSampleId: 1,
  stage: 'arrival',
  machineId: 1,
  machineName: 'Drum 1',
  number: id,
  roastedAt: '2026-03-02T09:10:00Z',
  accepted: false,
  settled: false,
  events: [],
  faults: id === 2 ? ['crash'] : [],
  missingMarks: 0,
})
const series = (value: number[]) => ({ timeS: value.map((_, i) => 10 * i), value })
const curve = (from: number) => ({
  gapS: 15,
  beanC: series([190, 120, 100, from]),
  environmentC: series([]),
  rorCPerMin: series([0, 5, 12, 20]),
  gasPct: series([]),
  airflowPct: series([]),
  drumRpm: series([]),
})

describe('the list of roasts', () => {
  it('asks the server for a page of what is looked for, once the typing rests', async () => {
    vi.useFakeTimers()
    const sent = stubServer((_m, path) =>
      path.startsWith('/api/roasts/search')
        ? { body: { roasts: [roast(1), roast(2)], total: 120, page: 0, size: 50 } }
        : { body: [] },
    )
    const page = mountApp(RoastsPage)
    await vi.advanceTimersByTimeAsync(300)
    await flushPromises()
    expect(page.text()).toContain('1 to 50 of 120')
    await page.find('input[type="text"]').setValue('gatovu crash')
    await vi.advanceTimersByTimeAsync(400)
    await flushPromises()
    const searches = sent.filter((s) => s.path.startsWith('/api/roasts/search')).map((s) => s.path)
    expect(searches[searches.length - 1]).toContain('words=gatovu%20crash')
    expect(searches[searches.length - 1]).toContain('size=50')
    // batches of production do not stand among the samples unless they are asked for
    expect(searches[searches.length - 1]).toContain('production=false')
    await page
      .findAll('button')
      .find((b) => b.text() === 'Older')!
      .trigger('click')
    await vi.advanceTimersByTimeAsync(10)
    expect(sent[sent.length - 1]!.path).toContain('page=1')
    vi.useRealTimers()
  })

  it('lets at most six be laid over each other', async () => {
    const table = mountApp(RoastTable, {
      roasts: [1, 2, 3, 4, 5, 6, 7].map(roast),
      choose: true,
      chosen: [1, 2, 3, 4, 5, 6],
    })
    const boxes = table.findAll('input[type="checkbox"]')
    expect((boxes[6]!.element as HTMLInputElement).disabled).toBe(true)
    await boxes[0]!.trigger('change')
    expect(table.emitted('update:chosen')).toEqual([[[2, 3, 4, 5, 6]]])
  })
})

describe('roasts over each other', () => {
  it('have each a colour and dashes of their own, and a name', () => {
    const chart = mountApp(OverlayChart, {
      lines: [
        { name: 'one', curve: curve(140), shiftS: 0 },
        { name: 'two', curve: curve(150), shiftS: -10 },
      ],
      height: 300,
    })
    const legend = chart
      .findAll('li line')
      .map((l) => [l.attributes('stroke'), l.attributes('stroke-dasharray')])
    expect(legend).toHaveLength(2)
    expect(legend[0]).not.toEqual(legend[1])
    expect(chart.text()).toContain('one')
  })
})
