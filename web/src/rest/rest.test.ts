import { describe, expect, it } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import AgeingCard from './AgeingCard.vue'
import ShelfPage from './ShelfPage.vue'
import BeanTally from '@/sample/BeanTally.vue'
import VerdictCard from '@/sample/VerdictCard.vue'
import LinkCard from '@/machine/LinkCard.vue'
import RepeatabilityCard from '@/plan/RepeatabilityCard.vue'
import ReviewCard from '@/roast/ReviewCard.vue'
import { awayFrom, nextOf } from './shelf'

const NOW = Date.parse('2026-03-02T12:00:00Z')
const item = (state: string) => ({
  state,
  opensAt: '2026-03-02T15:30:00Z',
  bestAt: '2026-03-03T12:00:00Z',
  closesAt: '2026-03-05T12:00:00Z',
})

describe('the shelf', () => {
  it('counts down in words that help', () => {
    expect(awayFrom('2026-03-02T12:20:00Z', NOW)).toBe('in 20 minutes')
    expect(awayFrom('2026-03-02T15:30:00Z', NOW)).toBe('in 3 h 30 min')
    expect(awayFrom('2026-02-27T12:00:00Z', NOW)).toBe('3 days ago')
  })

  it('says what happens next to a sample', () => {
    expect(nextOf(item('resting'), NOW)).toBe('opens in 3 h 30 min')
    expect(nextOf(item('open'), NOW)).toBe('open; best in 24 h 0 min')
    expect(nextOf(item('best'), NOW)).toBe('closes in 3 days')
    expect(nextOf(item('missed'), Date.parse('2026-03-08T12:00:00Z'))).toBe('closed 3 days ago')
  })

  it('lays a table of what is open and was not sent back to the roaster', async () => {
    const sample = (roastId: number, state: string, verdict: string) => ({
      ...item(state),
      roastId,
      lotName: 'Gatovu Hill',
      number: roastId,
      process: 'washed',
      droppedAt: '2026-03-01T12:00:00Z',
      ageH: 24,
      verdict,
      cupped: false,
    })
    const items = [sample(1, 'best', 'fit'), sample(2, 'open', 'roast-again'), sample(3, 'missed', 'measure')]
    stubServer(() => ({ body: { school: 'protocol', now: '2026-03-02T12:00:00Z', items, ageing: [] } }))
    const page = mountApp(ShelfPage)
    await flushPromises()
    expect(page.text()).toContain('roast again')
    expect(page.find('a[href="/cupping?roast=1"]').exists()).toBe(true)
    expect(page.text()).toContain('carbon monoxide')
  })

  it('draws an ageing study and sends other days', async () => {
    const sent = stubServer(() => ({ body: {} }))
    const study = {
      roastId: 4,
      lotName: 'Gatovu Hill',
      number: 1,
      keptG: 80,
      days: [7, 14],
      points: [
        { day: 1, score: 83 },
        { day: 7, score: 84.5 },
      ],
      nextDue: '2026-03-15',
      text: 'Best on day 7',
    }
    const card = mountApp(AgeingCard, { studies: [study] })
    expect(card.findAll('circle')).toHaveLength(2)
    await card.find('input').setValue('7, 21; 28')
    await card.find('input').trigger('change')
    await flushPromises()
    expect(sent[0]!.body).toEqual({ keptG: 80, days: [7, 21, 28] })
  })
})

describe('the bench', () => {
  it('tallies a bean a key, takes the last one back, and leaves what was not counted empty', async () => {
    const counts: Record<string, number | undefined> = {}
    const tally = mountApp(BeanTally, { modelValue: counts, problemAt: () => undefined })
    const press = (key: string) =>
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key, cancelable: true, bubbles: true }))
    press('q')
    press('q')
    press('h')
    press('Backspace')
    expect(counts).toEqual({ quakers: 2, shells: 0 })
    await tally
      .findAll('button')
      .find((b) => b.text().includes('none found'))!
      .trigger('click')
    expect(counts).toEqual({
      quakers: 2,
      shells: 0,
      scorched: 0,
      tipped: 0,
      dark: 0,
      broken: 0,
      peaberries: 0,
    })
    tally.unmount()
  })

  it('says what is to be roasted again, and why', async () => {
    stubServer(() => ({
      body: {
        verdict: 'roast-again',
        text: 'Scorched is 2, the protocol asks for none.',
        checks: [{ label: 'scorched', by: 'protocol', wanted: 'none', value: '2', standing: 'outside' }],
        notes: [],
      },
    }))
    const card = mountApp(VerdictCard, { roastId: 1, again: 0 })
    await flushPromises()
    expect(card.text()).toContain('Roast it again')
    expect(card.find('li.outside').text()).toContain('✗')
  })
})

describe('looking back', () => {
  it('says in or out, and by how much', async () => {
    stubServer(() => ({
      body: {
        planId: 2,
        rows: [
          {
            figure: 'dryEndS',
            label: 'dry end',
            unit: 'seconds',
            planned: 290,
            tolerance: 15,
            actual: 310,
            off: 20,
            inside: false,
          },
          {
            figure: 'dropC',
            label: 'drop',
            unit: 'celsius',
            planned: 203,
            tolerance: 2,
            actual: 204,
            off: 1,
            inside: true,
          },
          {
            figure: 'firstCrackS',
            label: 'first crack',
            unit: 'seconds',
            planned: 480,
            tolerance: 20,
            inside: false,
          },
        ],
        desk: {
          link: 'modbus',
          refused: 0,
          gaps: [100, 200, 300, 400, 500, 520].map((fromS) => ({
            fromS,
            toS: fromS + 12,
            reason: 'the roaster has stopped answering',
          })),
          notes: [{ timeS: 61, text: 'smells of toast' }],
          predictions: [{ from: 'dry-end', figure: 'firstCrackS', expected: 478, plusMinus: 6, came: 490 }],
          warnings: [
            { kind: 'crash', timeS: 480 },
            { kind: 'development-short', timeS: 420 },
          ],
        },
        history: [{ at: '2026-03-02T12:00:00Z', kind: 'dry_end', fromS: 300, toS: 310 }],
      },
    }))
    const card = mountApp(ReviewCard, { roastId: 1, again: 0 })
    await flushPromises()
    const text = card.text()
    expect(text).toContain('late')
    expect(text).toContain('never came')
    expect(text).toContain('no readings 1:40 to 1:52, ')
    expect(text).toContain('6:40 to 6:52 and 2 more, 1:12 in all: the roaster has stopped answering')
    expect(text).toMatch(/7:00 warned: development short\s*8:00 warned: crash/)
    expect(text).toContain('first crack predicted for 7:58 at dry end; it came at 8:10')
    expect(text).toContain('moved from 5:00 to 5:10')
  })

  it('shows which figure strays, batch by batch', async () => {
    stubServer(() => ({
      body: {
        roasts: [
          { roastId: 1, number: 1, roastedAt: '2026-03-02T12:00:00Z' },
          { roastId: 2, number: 2, roastedAt: '2026-03-02T13:00:00Z' },
        ],
        figures: [
          {
            figure: 'dropC',
            label: 'drop',
            unit: 'celsius',
            planned: 203,
            tolerance: 2,
            mean: 204,
            sd: 3,
            strays: 1.5,
            values: [201, 207],
          },
        ],
        text: 'Drop strays most',
      },
    }))
    const card = mountApp(RepeatabilityCard, { planId: 1 })
    await flushPromises()
    expect(card.text()).toContain('Drop strays most')
    expect(card.findAll('td.ember').map((t) => t.text())).toContain('207.0 °C')
  })
})

describe('the link to a roaster', () => {
  const modbus = {
    kind: 'modbus',
    host: '10.0.0.9',
    port: 502,
    unitId: 1,
    table: 'input',
    pollMs: 500,
    registers: { bean: { address: 0, type: 'i16', scale: 0.1, offset: 0 } },
    speed: 1,
  }
  it('is tried, and says what it hears or what is wrong', async () => {
    let answered = true
    stubServer(() => ({
      body: answered
        ? {
            answered: true,
            text: 'The roaster answers, but look at this first:',
            doubts: ['Gas is at 600 %.'],
            beanC: 187.6,
            gasPct: 600,
          }
        : { answered: false, text: 'Nothing answers at 10.0.0.9, port 502.', doubts: [] },
    }))
    const card = mountApp(LinkCard, { modelValue: modbus, machineId: 1, problemAt: () => undefined })
    expect(card.text()).toContain('never commands a burner')
    const button = card.findAll('button').find((b) => b.text().includes('Test the connection'))!
    await button.trigger('click')
    await flushPromises()
    expect(card.text()).toContain('187.6 °C')
    expect(card.find('[aria-label="What can hardly be true"]').text()).toBe('Gas is at 600 %.')
    answered = false
    await button.trigger('click')
    await flushPromises()
    expect(card.text()).toContain('Nothing answers at 10.0.0.9')
    expect(card.text()).not.toContain('187.6 °C')
  })

  it('keeps what its probes may read, in the unit that is shown, and its codes for no value', async () => {
    const card = mountApp(LinkCard, {
      modelValue: {
        ...modbus,
        bean: { lowC: 5, highC: 300 },
        environment: { lowC: -20, highC: 400 },
        noValues: ['FFFF'],
      },
      machineId: 1,
      problemAt: () => undefined,
    })
    await card.find('summary').trigger('click')
    const field = (label: string) =>
      card.findAllComponents({ name: 'NumberField' }).find((c) => c.props('label') === label)!
    expect(field('Bean to').props('modelValue')).toBe(300)
    expect(field('Environment to').props('modelValue')).toBe(400)
    field('Bean to').vm.$emit('update:modelValue', 280)
    await flushPromises()
    const sent = () => card.emitted('update:modelValue')?.at(-1)?.[0]
    expect(sent()).toMatchObject({ bean: { lowC: 5, highC: 280 } })
    card
      .findAllComponents({ name: 'VSelect' })
      .find((c) => c.classes('type'))!
      .vm.$emit('update:modelValue', 'f32 low first')
    await flushPromises()
    expect(sent()).toMatchObject({ registers: { bean: { type: 'f32', lowFirst: true } } })
    card
      .findAllComponents({ name: 'VTextField' })
      .find((c) => String(c.props('label')).startsWith('Codes'))!
      .vm.$emit('update:modelValue', 'ffff, 8001')
    await flushPromises()
    expect(sent()).toMatchObject({ noValues: ['FFFF', '8001'] })
  })
})
