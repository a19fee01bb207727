import { effectScope } from 'vue'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { askWith } from '@/shared/api/client'
import { useChanges } from './useChanges'

afterEach(() => {
  askWith(undefined)
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

/** A stream that the test writes into. */
function stream() {
  let send: (text: string) => void = () => {}
  let close = () => {}
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      send = (text) => controller.enqueue(new TextEncoder().encode(text))
      close = () => controller.close()
    },
  })
  return { body, send: (text: string) => send(text), close: () => close() }
}

describe('useChanges', () => {
  it('reads again when the server says that something changed, with the token in a header', async () => {
    askWith('secret')
    const open = stream()
    const asked: RequestInit[] = []
    vi.stubGlobal('fetch', async (_path: string, init: RequestInit) => {
      asked.push(init)
      return new Response(open.body)
    })
    const changed = vi.fn()
    const scope = effectScope()
    scope.run(() => useChanges('/api/cuppings/5/table/stream', changed, () => false))
    open.send('event: here\ndata: \n\n')
    open.send('event: chan')
    await vi.waitFor(() => expect(asked).toHaveLength(1))
    expect(changed).not.toHaveBeenCalled()
    open.send('ged\ndata: \n\n')
    await vi.waitFor(() => expect(changed).toHaveBeenCalled())
    expect(asked[0]!.headers).toMatchObject({ Authorization: 'Bearer secret' })
    scope.stop()
    expect(asked[0]!.signal!.aborted).toBe(true)
  })

  it('comes back after the stream ended, and not where it is over for good', async () => {
    vi.useFakeTimers()
    let status = 200
    const asked = vi.fn(async () => new Response(status === 200 ? new Blob(['']).stream() : null, { status }))
    vi.stubGlobal('fetch', asked)
    const scope = effectScope()
    scope.run(() =>
      useChanges(
        '/x/stream',
        () => {},
        () => false,
      ),
    )
    await vi.advanceTimersByTimeAsync(2100)
    expect(asked).toHaveBeenCalledTimes(2)
    status = 401
    await vi.advanceTimersByTimeAsync(2100)
    const then = asked.mock.calls.length
    await vi.advanceTimersByTimeAsync(20_000)
    expect(asked.mock.calls.length).toBe(then)
    scope.stop()
  })

  it('looks every few seconds while there is no stream, until it is over', async () => {
    vi.useFakeTimers()
    vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('Failed to fetch')))
    const changed = vi.fn()
    let over = false
    const scope = effectScope()
    scope.run(() => useChanges('/x/stream', changed, () => over))
    await vi.advanceTimersByTimeAsync(10_500)
    expect(changed).toHaveBeenCalledTimes(2)
    over = true
    await vi.advanceTimersByTimeAsync(20_000)
    expect(changed).toHaveBeenCalledTimes(2)
    scope.stop()
  })
})
