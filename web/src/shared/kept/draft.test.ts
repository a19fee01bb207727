import { describe, expect, it } from 'vitest'
import { same } from './draft'

describe('same', () => {
  it('asks neither for the order of fields nor for those that are left out', () => {
    expect(same({ a: 1, b: { c: [1, 2], d: undefined } }, { b: { d: null, c: [1, 2] }, a: 1 })).toBe(true)
  })
  it('tells contents apart', () => {
    expect(same({ a: 1 }, { a: 2 })).toBe(false)
    expect(same({ items: [1, 2] }, { items: [2, 1] })).toBe(false)
    expect(same(undefined, { a: 1 })).toBe(false)
  })
})
