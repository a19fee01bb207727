import { onScopeDispose, watch } from 'vue'
import { useIntervalFn, useThrottleFn } from '@vueuse/core'
import { EventSourceParserStream } from 'eventsource-parser/stream'
import { authorization } from '@/shared/api/client'

/** At most so often a table is read again, ms: many who score at once are one change. */
const AT_MOST_EVERY_MS = 100
const AGAIN_AFTER_MS = 2000
/** Without the stream, and in case it is silent, it is looked at so often, ms. */
const LOOK_EVERY_MS = 5000
/** Asking again would get no other answer. */
const FINAL = [401, 403, 404]

/**
 * Reads a table again as soon as the server says that something there has changed, and every few seconds where it does
 * not say so. The token goes in a header, so it is a fetch and no EventSource.
 */
export function useChanges(path: string, changed: () => unknown, over: () => boolean) {
  const end = new AbortController()
  const told = useThrottleFn(() => void changed(), AT_MOST_EVERY_MS, true, true)
  let streaming = false

  async function listen() {
    const response = await fetch(path, {
      headers: { Accept: 'text/event-stream', ...authorization() },
      signal: end.signal,
    })
    if (!response.ok || !response.body) {
      return FINAL.includes(response.status)
    }
    streaming = true
    const events = response.body
      .pipeThrough(new TextDecoderStream() as ReadableWritablePair<string, Uint8Array>)
      .pipeThrough(new EventSourceParserStream())
      .getReader()
    for (let next = await events.read(); !next.done; next = await events.read()) {
      if (next.value.event === 'changed') {
        void told()
      }
    }
    return false
  }

  async function keepListening() {
    while (!end.signal.aborted && !over()) {
      const done = await listen().catch(() => false)
      streaming = false
      if (done) {
        return
      }
      await new Promise((then) => setTimeout(then, AGAIN_AFTER_MS))
    }
  }

  void keepListening()
  // a table that is over says nothing more
  watch(over, (now) => now && end.abort())
  useIntervalFn(() => {
    if (!over() && !streaming) {
      void changed()
    }
  }, LOOK_EVERY_MS)
  onScopeDispose(() => end.abort())
}
