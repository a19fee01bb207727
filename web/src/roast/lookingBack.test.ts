import { describe, expect, it } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import RepeatabilityCard from '@/plan/RepeatabilityCard.vue'
import ReviewCard from './ReviewCard.vue'

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
