import { beforeEach } from 'vitest'

class ResizeObserverStub {
  observe() {}
  unobserve() {}
  disconnect() {}
}

globalThis.ResizeObserver ??= ResizeObserverStub as unknown as typeof ResizeObserver

beforeEach(() => localStorage.clear())

// jsdom has none, and an overlay asks it where the screen ends
globalThis.visualViewport ??= Object.assign(new EventTarget(), {
  width: 1280,
  height: 800,
  offsetLeft: 0,
  offsetTop: 0,
  scale: 1,
}) as unknown as VisualViewport
