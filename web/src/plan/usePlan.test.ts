import { effectScope, nextTick } from 'vue'
import { flushPromises } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { stubServer, type Reply } from '@/shared/testMount'
import type { Content } from './plan'
import { usePlan } from './usePlan'

const content = () => ({
  schoolId: 'protocol',
  developmentFrom: 'first-crack',
  targets: { totalS: { value: 600, tolerance: 30 } },
  greenG: 120,
  chargeC: 190,
  atCharge: { gasPct: 80, airflowPct: 40, drumRpm: 60 },
  steps: [],
  drop: { by: 'bean-c', value: 204 },
})
const prediction = (gas: number) => ({
  available: true,
  trusted: true,
  doubts: [],
  figures: [],
  events: [],
  gas,
})

describe('usePlan', () => {
  const scope = () => effectScope()
  let answers: (method: string, path: string, body: unknown) => Reply | 'unreachable' | undefined

  beforeEach(() => {
    vi.useFakeTimers()
    setActivePinia(createPinia())
    answers = () => undefined
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
    localStorage.clear()
  })

  async function open() {
    const sent = stubServer((method, path, body) => {
      const own = answers(method, path, body)
      if (own) {
        return own
      }
      if (path.startsWith('/api/plans/prediction')) {
        return { body: prediction((body as { content: ReturnType<typeof content> }).content.atCharge.gasPct) }
      }
      return { body: { id: 7, version: 2, greenSampleId: 3, machineId: 1, content: content() } }
    })
    const s = scope()
    const plan = s.run(() => usePlan(7))!
    await flushPromises()
    return { plan, sent, s }
  }

  it('foretells a plan as soon as it is there, and keeps nothing that was not changed', async () => {
    const { plan, sent } = await open()
    await vi.advanceTimersByTimeAsync(2000)
    expect(plan.prediction.value).toMatchObject({ gas: 80 })
    expect(sent.filter((x) => x.method === 'PUT')).toHaveLength(0)
    expect(plan.changed.value).toBe(false)
  })

  it('foretells each change at once and keeps the last of them', async () => {
    const { plan, sent } = await open()
    for (const gas of [81, 82, 83]) {
      plan.content.value!.atCharge.gasPct = gas
      await nextTick()
    }
    await flushPromises()
    expect(plan.prediction.value).toMatchObject({ gas: 83 })
    await vi.advanceTimersByTimeAsync(1000)
    const puts = sent.filter((x) => x.method === 'PUT')
    expect(puts).toHaveLength(1)
    expect(puts[0]!.body).toMatchObject({ version: 2, content: { atCharge: { gasPct: 83 } } })
  })

  it('asks only for the newest state while an answer is awaited', async () => {
    const { plan, sent } = await open()
    const before = sent.filter((x) => x.path.startsWith('/api/plans/prediction')).length
    for (let gas = 60; gas < 80; gas++) {
      plan.content.value!.atCharge.gasPct = gas
      void plan.predict()
    }
    await flushPromises()
    const asked = sent.filter((x) => x.path.startsWith('/api/plans/prediction')).length - before
    expect(asked).toBeLessThanOrEqual(3)
    expect(plan.prediction.value).toMatchObject({ gas: 79 })
  })

  it('takes back a search, then the changes before it', async () => {
    const { plan } = await open()
    plan.content.value!.chargeC = 195
    await nextTick()
    plan.replace({ ...content(), chargeC: 184 } as Content)
    await nextTick()
    expect(plan.content.value!.chargeC).toBe(184)
    plan.undo()
    expect(plan.content.value!.chargeC).toBe(195)
    plan.undo()
    expect(plan.content.value!.chargeC).toBe(190)
    await nextTick()
    expect(plan.changed.value).toBe(false)
  })

  it('says what is refused and still shows the last prediction', async () => {
    const { plan } = await open()
    answers = (_m, path) =>
      path.startsWith('/api/plans/prediction')
        ? {
            status: 422,
            body: { detail: 'Nothing was kept', problems: [{ field: 'greenG', message: 'Batch is 900 g' }] },
          }
        : undefined
    plan.content.value!.greenG = 900
    await nextTick()
    await flushPromises()
    expect(plan.refused.value?.problems[0]!.message).toBe('Batch is 900 g')
    expect(plan.prediction.value).toMatchObject({ gas: 80 })
  })
})
