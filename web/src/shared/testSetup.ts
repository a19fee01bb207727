import { afterEach, beforeEach, vi } from 'vitest'
import { disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils'

class ResizeObserverStub {
  observe() {}
  unobserve() {}
  disconnect() {}
}

globalThis.ResizeObserver ??= ResizeObserverStub as unknown as typeof ResizeObserver

beforeEach(() => {
  localStorage.clear()
  sessionStorage.clear()
})

/** A lab with a scale, and with nothing else to read: the files share the one answer. */
vi.mock('@/device/useMeters', () => ({ useMeters: () => ({ has: (kind: string) => kind === 'scale' }) }))

// hooks run last first: a page that goes sends what it holds, and no later test may count that as its own
afterEach(() => new Promise((resolve) => setTimeout(resolve, 5)))
// the files share one window: what one test mounted hears no key of the next
disableAutoUnmount()
enableAutoUnmount(afterEach)
afterEach(() => (document.body.innerHTML = ''))

// jsdom has none, and an overlay asks it where the screen ends
globalThis.visualViewport ??= Object.assign(new EventTarget(), {
  width: 1280,
  height: 800,
  offsetLeft: 0,
  offsetTop: 0,
  scale: 1,
}) as unknown as VisualViewport

// jsdom has FileReader and not yet this
Blob.prototype.arrayBuffer ??= function () {
  return new Promise((resolve, reject) => {
    const reader = new FileReader()
    reader.onload = () => resolve(reader.result as ArrayBuffer)
    reader.onerror = () => reject(reader.error!)
    reader.readAsArrayBuffer(this)
  })
}
