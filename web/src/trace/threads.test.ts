import { describe, expect, it } from 'vitest'
import { gutterThread, logThread, wordThread } from './threads'

const box = (left: number, top: number) => ({ left, right: left + 100, top, bottom: top + 40 })

describe('threads', () => {
  it('leave a word at its middle and reach a cause at its middle', () => {
    expect(wordThread(box(0, 0), box(200, 80))).toBe('M100 20 C150 20 150 100 200 100')
  })

  it('go along the gutter beside each other, up or down', () => {
    const up = gutterThread(box(0, 200), box(200, 0), 5)
    expect(up.startsWith('M100 220')).toBe(true)
    expect(up).toContain('Q155 220 155 208')
    expect(up.endsWith('L200 20')).toBe(true)
    expect(gutterThread(box(0, 0), box(200, 200), -5)).toContain('Q145 20 145 32')
  })

  it('run level between the panes and end at the anchor', () => {
    const anchor = { left: 600, right: 602, top: 240, bottom: 240 }
    const path = logThread(box(200, 0), anchor, 340, 230)
    expect(path).toContain('L320 218')
    expect(path).toContain('L589 230')
    expect(path.endsWith('L601 240')).toBe(true)
  })
})
