import { afterEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { effectScope, nextTick } from 'vue'
import { mountApp, stubServer } from '@/shared/testMount'
import InstrumentsPage from '@/device/InstrumentsPage.vue'
import LotPage from './LotPage.vue'
import SamplesPanel from './SamplesPanel.vue'
import SieveCard from './SieveCard.vue'
import TableTransfer from './TableTransfer.vue'
import { useInspection } from './useInspection'

afterEach(() => {
  document.body.innerHTML = ''
  vi.unstubAllGlobals()
  vi.useRealTimers()
})

const sample = (id: number, stage: string, more = {}) => ({
  id,
  lotId: 3,
  lotName: 'Hill',
  process: 'washed',
  stage,
  receivedOn: '2026-03-02',
  inspected: false,
  roasts: 0,
  stopped: false,
  ...more,
})

describe('useInspection', () => {
  const view = (version: number, content = {}) => ({
    sample: sample(5, 'arrival'),
    version,
    content,
    judgements: [],
    defects: [],
  })

  async function open(first = {}) {
    const sent = stubServer((method, _path, body) =>
      method === 'PUT'
        ? { body: view((body as { version: number }).version + 1, (body as { content: object }).content) }
        : { body: view(4, first) },
    )
    const inspection = effectScope().run(() => useInspection(5))!
    await flushPromises()
    return { inspection, sent, puts: () => sent.filter((x) => x.method === 'PUT') }
  }

  it('keeps nothing by being opened', async () => {
    vi.useFakeTimers()
    const { puts } = await open({ moisturePct: 11 })
    await vi.advanceTimersByTimeAsync(2000)
    expect(puts()).toHaveLength(0)
  })

  it('keeps beans counted one after another in one go, and the one taken back', async () => {
    vi.useFakeTimers()
    const { inspection, puts } = await open()
    inspection.tally('broken')
    inspection.tally('broken')
    inspection.tally('shell')
    inspection.undo()
    await nextTick()
    await vi.advanceTimersByTimeAsync(1000)
    expect(puts()).toHaveLength(1)
    expect(puts()[0]!.body).toMatchObject({ version: 4, content: { defects: { broken: 2, shell: 0 } } })
    inspection.undo()
    inspection.undo()
    inspection.undo()
    expect(inspection.content.defects).toEqual({ broken: 0, shell: 0 })
  })

  it('sends nothing while a field holds no number', async () => {
    vi.useFakeTimers()
    const { inspection, puts } = await open()
    inspection.unreadable.add('moisturePct')
    inspection.content.storage = 'bag'
    await nextTick()
    await vi.advanceTimersByTimeAsync(1000)
    expect(puts()).toHaveLength(0)
  })
})

describe('SieveCard', () => {
  it('shows each share as a bar and marks what lies below the contract', () => {
    const card = mountApp(SieveCard, {
      modelValue: { sieves: { '17': 200, '15': 100 }, contractScreen: 16 },
      sieves: [
        { screen: '17', mm: 6.746875 },
        { screen: '15', mm: 5.953125 },
      ],
      screens: {
        shares: [
          { screen: '17', mm: 6.75, grams: 200, pct: 66.7 },
          { screen: '15', mm: 5.95, grams: 100, pct: 33.3 },
        ],
        meanScreen: 16.3,
        meanMm: 6.48,
        spread: 0.9,
        belowContractPct: 33.3,
      },
      judgements: [],
      problemAt: () => undefined,
    })
    const rows = card.findAll('.sieve')
    const of = (name: string) => rows.find((r) => r.find('b').text() === name)!
    expect(of('17').find('i').attributes('style')).toContain('100%')
    expect(of('17').classes()).not.toContain('below')
    expect(of('15').classes()).toContain('below')
    expect(of('pan').classes()).toContain('below')
    expect(card.text()).toContain('below the contract 33.3 %')
  })
})

describe('SamplesPanel', () => {
  it('shows stages side by side, and no plan for a sample that must not be roasted', async () => {
    stubServer((_m, path) =>
      path.endsWith('/samples')
        ? {
            body: [
              sample(1, 'pre-shipment', { stopped: true }),
              sample(2, 'arrival', { inspected: true, grade: 'specialty' }),
            ],
          }
        : {
            body: [
              {
                earlier: 'pre-shipment',
                later: 'arrival',
                figures: [
                  {
                    figure: 'Moisture',
                    unit: '%',
                    earlier: 11,
                    later: 12.4,
                    verdict: 'differs',
                    text: 'Higher by 1.4 %.',
                  },
                  { figure: 'Density', unit: 'g/L', verdict: 'not-measured', text: 'Not measured at both.' },
                ],
              },
            ],
          },
    )
    const panel = mountApp(SamplesPanel, { lotId: 3 })
    await flushPromises()
    const rows = panel.findAll('tbody tr').map((r) => r.text())
    expect(rows[0]).toContain('not to be roasted')
    expect(rows[0]).not.toContain('Plan')
    expect(rows[1]).toContain('specialty')
    expect(panel.text()).toContain('Did the arrival sample match the pre-shipment sample?')
    expect(rows[2]).toMatch(/11 %.*12\.4 %.*Higher by 1\.4 %/)
    expect(rows[3]).toContain('–')
  })
})

describe('TableTransfer', () => {
  async function choose(reply: { status?: number; body: unknown }) {
    const sent = stubServer(() => reply)
    const transfer = mountApp(TableTransfer)
    const input = transfer.find('input[type=file]')
    Object.defineProperty(input.element, 'files', {
      value: [{ arrayBuffer: async () => new TextEncoder().encode('name,supplier\n') }],
    })
    Object.defineProperty(input.element, 'value', { value: '', writable: true })
    await input.trigger('change')
    await flushPromises()
    return { transfer, sent }
  }

  it('sends the bytes as they stand and says what was read', async () => {
    const { transfer, sent } = await choose({ body: { lots: 1, samples: 2 } })
    expect(sent[0]).toMatchObject({ method: 'POST', path: '/api/lots.csv', body: 'name,supplier\n' })
    expect(transfer.text()).toContain('2 samples read, 1 lot new.')
    expect(transfer.emitted('imported')).toHaveLength(1)
  })

  it('names each line that was refused', async () => {
    const { transfer } = await choose({
      status: 422,
      body: {
        detail: 'Nothing was kept: 1 value to mend.',
        problems: [{ field: 'line 3', message: 'kg is "x"' }],
      },
    })
    expect(transfer.text()).toContain('line 3: kg is "x"')
    expect(transfer.emitted('imported')).toBeUndefined()
  })
})

describe('InstrumentsPage', () => {
  it('sets what an instrument shows, and says what it cannot show', async () => {
    const scale = {
      kind: 'scale',
      label: 'Scale',
      unit: 'g',
      min: 0,
      max: 6000,
      value: 350,
      behaviour: 'steady',
    }
    let refuse = false
    const sent = stubServer((method) =>
      method === 'GET'
        ? { body: [scale] }
        : refuse
          ? {
              status: 422,
              body: { detail: 'no', problems: [{ field: 'value', message: 'Scale is 9000 g' }] },
            }
          : { body: scale },
    )
    const page = mountApp(InstrumentsPage)
    await flushPromises()
    await page.find('input[inputmode=decimal]').setValue('182,4')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(sent.at(-1)!.body).toEqual({ value: 182.4, behaviour: 'steady' })
    expect(page.text()).toContain('Scale is set.')
    refuse = true
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(page.text()).toContain('Scale is 9000 g')
  })
})

it('shows the newest roasts of a lot with a long history, and all of them when asked', async () => {
  const lot = { id: 3, name: 'Hill', supplier: 'S', origin: 'O', process: 'washed', kg: 60, roasts: 60 }
  const roast = (number: number) => ({
    id: number,
    number,
    lotName: 'Hill',
    process: 'washed',
    stage: 'arrival',
    machineName: 'Drum 1',
    roastedAt: '2026-03-02T09:00:00Z',
    faults: [],
    missingMarks: 0,
  })
  stubServer((_m, path) => ({
    body: path.endsWith('/samples')
      ? []
      : path.endsWith('/roasts')
        ? Array.from({ length: 60 }, (_, i) => roast(i + 1))
        : path.endsWith('/store')
          ? undefined
          : { ...lot, arrivalDate: '2026-01-05' },
  }))
  const page = mountApp(LotPage)
  await flushPromises()
  const names = () => page.findAll('tbody a').map((a) => a.text())
  expect(names()).toHaveLength(50)
  expect(names()[0]).toBe('Roast 11')
  const more = page.findAll('button').find((b) => b.text() === 'Show 10 older roasts too')!
  await more.trigger('click')
  expect(names()[0]).toBe('Roast 1')
  expect(page.text()).not.toContain('older roast')
})
