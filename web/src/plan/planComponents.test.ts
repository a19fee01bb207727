import { afterEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import ChargeCard from './ChargeCard.vue'
import FiguresCard from './FiguresCard.vue'
import ModelCard from '@/machine/ModelCard.vue'
import ProtocolEditor from '@/machine/ProtocolEditor.vue'
import ReferenceCard from '@/machine/ReferenceCard.vue'

afterEach(() => {
  document.body.innerHTML = ''
  vi.unstubAllGlobals()
  vi.useRealTimers()
  localStorage.clear()
})

describe('ChargeCard', () => {
  const advice = {
    chargeC: 183,
    base: { text: 'Washed coffees on Drum 1, accepted roasts', c: 191, roasts: 7 },
    addends: [{ text: 'Natural: takes heat faster', c: -6.9, roasts: 0 }],
    spreadC: 1,
  }
  const mount = (chargeC: number) =>
    mountApp(ChargeCard, { greenSampleId: 3, machineId: 1, greenG: 120, chargeC })

  it('gives each addend a line with what is behind it', async () => {
    stubServer(() => ({ body: advice }))
    const card = mount(183)
    await flushPromises()
    const rows = card.findAll('tr').map((r) => r.text())
    expect(rows[0]).toContain('7 roasts')
    expect(rows[1]).toContain('house default')
    expect(rows[1]).toContain('−6.9 °C')
    expect(card.text()).not.toContain('Charge there')
  })

  it('offers to charge there when the plan does not', async () => {
    stubServer(() => ({ body: advice }))
    const card = mount(190)
    await flushPromises()
    await card.find('button').trigger('click')
    expect(card.emitted('take')).toEqual([[183]])
  })
})

describe('FiguresCard', () => {
  it('says which figures are in and which are out', () => {
    const figures = [
      {
        field: 'dryEndS',
        label: 'dry end',
        unit: 'seconds',
        value: 290,
        plusMinus: 6,
        aim: 295,
        tolerance: 20,
        reached: true,
      },
      { field: 'totalS', label: 'total time', unit: 'seconds', aim: 600, tolerance: 20, reached: false },
    ]
    const card = mountApp(FiguresCard, { prediction: { figures } })
    const rows = card.findAll('tbody tr').map((r) => r.text())
    expect(rows[0]).toMatch(/4:50.*±6 s.*4:55 ±20 s.*in/)
    expect(rows[1]).toMatch(/never.*10:00.*out/)
  })
})

describe('ReferenceCard', () => {
  it('shows a band, a drift beyond chance, and what is not yet learned', () => {
    const learned = { learned: true, roasts: 9, needed: 5, median: 191, spread: 1.2 }
    const not = { learned: false, roasts: 2, needed: 5 }
    const card = mountApp(ReferenceCard, {
      reference: {
        process: 'washed',
        roasts: 9,
        bands: {
          chargeC: learned,
          turningPointS: not,
          turningPointC: not,
          dryEndC: not,
          firstCrackC: not,
          peakCPerMin: not,
        },
        drifts: [
          { figure: 'chargeC', perMonth: -1.5, overall: -3, roasts: 9, judged: true, beyondChance: true },
        ],
      },
    })
    const rows = card.findAll('tbody tr').map((r) => r.text())
    expect(rows[0]).toMatch(/191\.0 °C.*±1\.2 °C.*9.*−1\.5 °C a month/)
    expect(rows[1]).toContain('not yet learned: 2 of 5 accepted roasts')
  })
})

describe('ModelCard', () => {
  it('follows a fit until it is done', async () => {
    vi.useFakeTimers()
    const states = [
      { state: 'fitting', share: 0.4, doing: 'round 6', usableRoasts: 20 },
      { state: 'none', share: 1, doing: '', usableRoasts: 20, withoutGas: 3 },
    ]
    stubServer(() => ({ body: states.shift() ?? states[0] }))
    const card = mountApp(ModelCard, { machineId: 1 })
    await flushPromises()
    expect(card.text()).toContain('Fitting: round 6')
    await vi.advanceTimersByTimeAsync(500)
    await flushPromises()
    expect(card.text()).toContain('20 logs with gas, charge and drop can be used')
    expect(card.text()).toContain('3 logs have no column of the gas: a model learns nothing from them.')
  })
})

describe('a fitted model', () => {
  it('says why it is not believed', async () => {
    const range = { min: 180, max: 200 }
    const fitted = {
      fittedAt: '2026-03-02T09:00:00Z',
      roasts: 12,
      beanErrorC: 4.2,
      environmentErrorC: 0,
      chargeC: range,
      greenG: range,
      gasPct: range,
      totalS: range,
      errors: {},
      doubts: ['The model misses its own roasts by 4.2 °C; more than 3.0 °C is not trusted.'],
      constants: [],
    }
    stubServer(() => ({ body: { state: 'fitted', share: 1, doing: '', usableRoasts: 12, fitted } }))
    const card = mountApp(ModelCard, { machineId: 1 })
    await flushPromises()
    expect(card.find('.ember').text()).toContain('Not believed:')
    expect(card.find('.ember').text()).toContain('misses its own roasts by 4.2 °C')
    expect(card.text()).toContain('Fitted near charges')
    expect(card.text(), 'no log had its airflow').toContain('what the air does on this roaster is not known')
    expect(card.text()).not.toContain(', airflow')
  })
})

describe('ProtocolEditor', () => {
  it('shows the problems of the steps and moves a step', async () => {
    const steps = [
      { kind: 'wait', probe: 'bean', value: 30, text: '' },
      { kind: 'do', probe: 'bean', text: 'Door shut' },
    ]
    const editor = mountApp(ProtocolEditor, { modelValue: steps, problems: ['Step 1: too long'] })
    expect(editor.text()).toContain('Step 1: too long')
    await editor.find('[aria-label="Step 2 up"]').trigger('click')
    const moved = editor.emitted('update:modelValue')!.at(-1)![0] as typeof steps
    expect(moved.map((s) => s.kind)).toEqual(['do', 'wait'])
  })
})
