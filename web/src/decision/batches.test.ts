import { ref } from 'vue'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import BagsPage from './BagsPage.vue'
import BatchList from './BatchList.vue'
import { batchFigure } from './batchFigures'
import ControlChart from './ControlChart.vue'
import ProfilesPage from './ProfilesPage.vue'
import ReleaseForm from './ReleaseForm.vue'

// a chart that is drawn has a width; the test's has none
vi.mock('@vueuse/core', async (original) => ({
  ...(await original<typeof import('@vueuse/core')>()),
  useElementSize: () => ({ width: ref(800), height: ref(170) }),
}))
afterEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  vi.unstubAllGlobals()
})

const chart = (points: number[], more = {}) => ({
  name: 'dropC',
  label: 'drop',
  unit: '°C',
  target: 200,
  tolerance: 2,
  centre: 200,
  lower: 198.5,
  upper: 201.5,
  limitsFrom: 30,
  points: points.map((value, i) => ({ roastId: i + 1, value, mean: value })),
  signals: [],
  driftsNow: false,
  text: 'Holds its tolerance.',
  changed: [],
  ...more,
})

describe('a figure of a batch', () => {
  it('is shown in the units that are chosen, a difference without the offset of a temperature', () => {
    const f = { temperature: 'F', per: 'min' } as const
    expect(batchFigure(200, '°C', f)).toBe('392.0 °F')
    expect(batchFigure(2, '°C', f, true)).toBe('3.6 °F')
    expect(batchFigure(461, 's', f)).toBe('7:41')
    expect(batchFigure(18, 's', f, true)).toBe('18 s')
    expect(batchFigure(13.1, '%', f)).toBe('13.1 %')
  })
})

describe('ControlChart', () => {
  it('rings what has changed, says why, and writes the value of what lies beyond', async () => {
    const page = mountApp(ControlChart, {
      chart: chart([200, 200.4, 214], {
        signals: [{ roastId: 3, rule: 'outside' }],
      }),
      titles: { 3: 'Hill, roast 3' },
    })
    await flushPromises()
    expect(page.findAll('circle')).toHaveLength(3)
    expect(page.findAll('circle.signal')).toHaveLength(1)
    expect(page.text()).toContain('Hill, roast 3: 214.0 °C – one value outside its limits')
    expect(page.text()).toContain('upper limit')
    // the one far off stays on the paper
    expect(Number(page.find('circle.signal').attributes('cy'))).toBeGreaterThanOrEqual(0)
  })

  it('has a target and no limits while there are few', async () => {
    const page = mountApp(ControlChart, {
      chart: chart([200, 201], { centre: undefined, lower: undefined, upper: undefined }),
      titles: {},
    })
    await flushPromises()
    expect(page.text()).toContain('target')
    expect(page.text()).not.toContain('upper limit')
    expect(page.find('path.values').attributes('d')).not.toContain('NaN')
  })

  it('dots only what says something where there are thousands', async () => {
    const page = mountApp(ControlChart, {
      chart: chart(
        Array.from({ length: 600 }, () => 200),
        { signals: [{ roastId: 5, rule: 'drift' }] },
      ),
      titles: {},
    })
    await flushPromises()
    expect(page.findAll('circle')).toHaveLength(1)
  })
})

describe('ReleaseForm', () => {
  const release = { roastId: 7, version: 0, bags: [], profiles: [] }

  it('sends what was filled in, reads a decimal comma, and once for a double click', async () => {
    const sent = stubServer(() => ({ body: { ...release, released: true } }))
    const form = mountApp(ReleaseForm, { roastId: 7, release })
    await form.findAll('input')[0]!.setValue('B-7')
    await form.findAll('input')[1]!.setValue('0,5')
    const go = form.findAll('button').find((b) => b.text().includes('Release'))!
    await go.trigger('click')
    await go.trigger('click')
    await flushPromises()
    expect(sent.filter((s) => s.method === 'PUT')).toEqual([
      {
        method: 'PUT',
        path: '/api/roasts/7/release',
        body: { released: true, reason: '', bags: [{ bag: 'B-7', kg: 0.5 }], version: 0 },
      },
    ])
    expect(form.emitted('kept')).toHaveLength(1)
  })

  it('says at its field what is wrong, and keeps what was typed', async () => {
    stubServer(() => ({
      status: 422,
      body: { detail: 'Nothing was kept', problems: [{ field: 'reason', message: 'A reason is wanted' }] },
    }))
    const form = mountApp(ReleaseForm, { roastId: 7, release })
    await form.findAll('input')[0]!.setValue('B-7')
    await form
      .findAll('button')
      .find((b) => b.text().includes('Hold'))!
      .trigger('click')
    await flushPromises()
    expect(form.text()).toContain('A reason is wanted')
    expect(form.findAll('input')[0]!.element.value).toBe('B-7')
    expect(form.emitted('kept')).toBeUndefined()
  })
})

describe('BatchList', () => {
  const batch = (roastId: number, more = {}) => ({
    roastId,
    title: `Hill, roast ${roastId}`,
    roastedAt: '2026-03-02T09:00:00Z',
    figures: [{ name: 'dropC', value: 200, target: 200, tolerance: 2, in: true }],
    bags: [],
    ...more,
  })

  it('shows the newest first with what of it is out, and narrows to what is held', async () => {
    const list = mountApp(BatchList, {
      view: {
        outturn: '',
        charts: [chart([200])],
        batches: [
          batch(1, { released: false, reason: 'dark' }),
          batch(2, { figures: [{ name: 'dropC', value: 203.5, target: 200, tolerance: 2, in: false }] }),
          batch(3, { figures: [{ name: 'dropC', target: 200, tolerance: 2, in: false }] }),
        ],
      },
    })
    const rows = list.findAll('tbody tr')
    expect(rows.map((r) => r.find('a').text())).toEqual(['Hill, roast 3', 'Hill, roast 2', 'Hill, roast 1'])
    expect(rows[0]!.text()).toContain('nothing')
    expect(rows[1]!.text()).toContain('drop +3.5 °C')
    expect(rows[2]!.text()).toContain('held: dark')
    await list.findComponent({ name: 'VSelect' }).vm.$emit('update:modelValue', 'held')
    await flushPromises()
    expect(list.findAll('tbody tr')).toHaveLength(1)
  })
})

describe('pages of batches', () => {
  it('say what to do where there is no profile yet', async () => {
    stubServer(() => ({ body: [] }))
    const page = mountApp(ProfilesPage)
    await flushPromises()
    expect(page.text()).toContain('approve it for production')
  })

  it('ask for a bag only when one is sought, and say where nothing is known', async () => {
    const sent = stubServer(() => ({ body: [] }))
    const page = mountApp(BagsPage)
    await flushPromises()
    expect(page.text()).not.toContain('Nothing is known')
    await page.find('input').setValue('B-404')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(sent.at(-1)!.path).toBe('/api/bags?bag=B-404')
    expect(page.text()).toContain('Nothing is known of that')
  })
})
