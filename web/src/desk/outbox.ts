import { ref } from 'vue'
import type { Answer, Failure } from '@/shared/api/client'

/** A key that was pressed: sent with how long ago that was. */
interface Press {
  atMs: number
  send: (agoS: number) => Promise<Answer<unknown>>
}

const RETRY_MS = 1000

/**
 * Sends what people press, one after another. What cannot be sent waits, with the moment at which it was pressed, and is
 * sent when the server answers again.
 */
export function useOutbox(now: () => number = () => performance.now()) {
  const waiting = ref(0)
  const refused = ref<Failure>()
  const queue: Press[] = []
  let running = false
  let timer: ReturnType<typeof setTimeout> | undefined

  async function run() {
    if (running) {
      return
    }
    running = true
    while (queue.length > 0) {
      const press = queue[0]!
      const result = await press.send((now() - press.atMs) / 1000)
      if (result.failure?.status === 0) {
        timer = setTimeout(run, RETRY_MS)
        break
      }
      refused.value = result.failure
      queue.shift()
      waiting.value = queue.length
    }
    running = false
  }

  function press(send: Press['send']) {
    queue.push({ atMs: now(), send })
    waiting.value = queue.length
    return run()
  }

  return { press, waiting, refused, stop: () => clearTimeout(timer) }
}
