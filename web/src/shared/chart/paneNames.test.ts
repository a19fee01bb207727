import { expect, it } from 'vitest'
import { sideOfRorName } from './paneNames'

const scale = { x: (s: number) => s }
const pane = { width: 600, left: 50, right: 10 }

it('gives way to an early fault or an early thread, and stays on the left otherwise', () => {
  expect(sideOfRorName([], undefined, scale, pane)).toEqual({ left: '54px' })
  expect(sideOfRorName([{ fromS: 100, toS: 140 }], undefined, scale, pane)).toEqual({ right: '14px' })
  expect(sideOfRorName([{ fromS: 100, toS: 140 }], { fromS: 480, toS: 520 }, scale, pane)).toEqual({
    left: '54px',
  })
  expect(sideOfRorName([], { fromS: 0, toS: 150 }, scale, pane)).toEqual({ right: '14px' })
})
