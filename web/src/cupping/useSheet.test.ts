import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick } from 'vue'
import { flushPromises } from '@vue/test-utils'
import type { Schemas } from '@/shared/api/client'
import { stubServer, type Reply } from '@/shared/testMount'
import { useSheet } from './useSheet'

const sheet = (version: number, attributes = {}): Schemas['SheetView'] => ({
  id: 4,
  cuppingId: 2,
  code: '1',
  roastId: 9,
  cupper: '',
  form: 'hundred-point',
  attributes,
  cups: [{ uniform: true, clean: true, sweet: true, defect: 'none' }],
  words: [],
  intensities: {},
  scales: {},
  below: [],
  meanings: {},
  trail: {},
  uniformity: 10,
  cleanCup: 10,
  sweetness: 10,
  defects: 0,
  runningTotal: 30,
  scaled: true,
  unscored: [],
  updatedAt: '2026-03-02T10:00:00Z',
  version,
})

/** Runs a sheet in a scope of its own, and ends it after the test. */
function open(first: Schemas['SheetView']) {
  const scope = effectScope()
  const opened = scope.run(() => useSheet(first))!
  return { ...opened, close: () => scope.stop() }
}

async function later(ms: number) {
  await nextTick()
  await vi.advanceTimersByTimeAsync(ms)
  await flushPromises()
}

beforeEach(() => {
  vi.useFakeTimers()
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('useSheet', () => {
  it('keeps a change on the server with the version it was made from', async () => {
    const sent = stubServer(() => ({ body: sheet(2, { body: 7 }) }))
    const opened = open(sheet(1))
    opened.content.value.attributes = { body: 7 }
    await later(300)
    expect(sent).toHaveLength(1)
    expect(sent[0]).toMatchObject({ method: 'PUT', body: { attributes: { body: 7 }, version: 1 } })
    expect(opened.kept.state.value).toBe('kept')
    expect(localStorage.getItem('barrowmist.draft.sheet.4')).toBeNull()
    opened.close()
  })

  it('sends quick changes together, the last of them', async () => {
    const sent = stubServer(() => ({ body: sheet(2) }))
    const opened = open(sheet(1))
    for (const score of [7, 7.25, 7.5]) {
      opened.content.value.attributes = { body: score }
      await later(50)
    }
    await later(300)
    expect(sent).toHaveLength(1)
    expect(sent[0]!.body).toMatchObject({ attributes: { body: 7.5 } })
    opened.close()
  })

  it('keeps a change here while the server is away, and sends it when it is back', async () => {
    let reply: Reply | 'unreachable' = 'unreachable'
    const sent = stubServer(() => reply)
    const opened = open(sheet(1))
    opened.content.value.attributes = { acidity: 8 }
    await later(300)
    expect(opened.kept.state.value).toBe('here')
    expect(localStorage.getItem('barrowmist.draft.sheet.4')).toContain('"acidity":8')
    reply = { body: sheet(2, { acidity: 8 }) }
    await later(3100)
    expect(opened.kept.state.value).toBe('kept')
    expect(sent.length).toBeGreaterThan(1)
    opened.close()
  })

  it('finds a draft of an earlier visit again and sends it', async () => {
    const content = { cupper: 'Ines', attributes: { body: 6.5 }, cups: sheet(1).cups, words: [] }
    localStorage.setItem('barrowmist.draft.sheet.4', JSON.stringify({ version: 1, content }))
    const sent = stubServer(() => ({ body: sheet(2) }))
    const opened = open(sheet(1))
    expect(opened.content.value.cupper).toBe('Ines')
    await later(300)
    expect(sent[0]!.body).toMatchObject({ cupper: 'Ines', attributes: { body: 6.5 } })
    opened.close()
  })

  it('shows a draft that was made from an older sheet than the server has, and sends it only when told', async () => {
    const content = { cupper: 'Old', attributes: {}, cups: [], words: [] }
    localStorage.setItem('barrowmist.draft.sheet.4', JSON.stringify({ version: 1, content }))
    const sent = stubServer(() => ({ body: sheet(4) }))
    const opened = open(sheet(3))
    expect(opened.content.value.cupper).toBe('Old')
    expect(opened.kept.state.value).toBe('elsewhere')
    await later(5000)
    expect(sent).toHaveLength(0)
    opened.kept.takeTheirs()
    expect(localStorage.length).toBe(0)
    opened.close()
  })

  it('stops at a clash until a person decides, and then sends with the newest version', async () => {
    let status = 409
    const sent = stubServer(() => ({
      status,
      body: status === 409 ? { detail: 'changed', version: 7 } : sheet(8),
    }))
    const opened = open(sheet(1))
    opened.content.value.attributes = { body: 7 }
    await later(300)
    expect(opened.kept.state.value).toBe('elsewhere')
    opened.content.value.attributes = { body: 7.25 }
    await later(4000)
    expect(sent).toHaveLength(1)
    status = 200
    await opened.kept.keepMine()
    expect(sent.at(-1)!.body).toMatchObject({ attributes: { body: 7.25 }, version: 7 })
    expect(opened.kept.state.value).toBe('kept')
    opened.close()
  })

  it('shows why a change was refused', async () => {
    stubServer(() => ({
      status: 422,
      body: { detail: 'x', problems: [{ field: 'body', message: 'Body is 7.1' }] },
    }))
    const opened = open(sheet(1))
    opened.content.value.attributes = { body: 7.1 }
    await later(300)
    expect(opened.kept.state.value).toBe('refused')
    expect(opened.kept.failure.value?.problems[0]?.message).toBe('Body is 7.1')
    opened.close()
  })
})
