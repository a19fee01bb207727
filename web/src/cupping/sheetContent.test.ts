import { describe, expect, it } from 'vitest'
import {
  matchingWords,
  nextDefect,
  onStep,
  plainWord,
  scoreAt,
  stepped,
  toggledCup,
  trailText,
  withValue,
  withWord,
} from './sheetContent'
import { FORMS } from './testTables'

const QUARTERS = FORMS[0]!.attributes[0]!
const NINE = FORMS[1]!.attributes[0]!

describe('scores', () => {
  it('step by a quarter and stay within 0 to 10', () => {
    expect(stepped(QUARTERS, undefined, 1)).toBe(7)
    expect(stepped(QUARTERS, 7.25, 1)).toBe(7.5)
    expect(stepped(QUARTERS, 10, 1)).toBe(10)
    expect(stepped(QUARTERS, 0, -1)).toBe(0)
    expect(stepped(QUARTERS, 6, -1)).toBe(5.75)
  })

  it('are read off the scale at the nearest quarter', () => {
    expect(scoreAt(QUARTERS, 0)).toBe(6)
    expect(scoreAt(QUARTERS, 0.51)).toBe(8)
    expect(scoreAt(QUARTERS, 2)).toBe(10)
  })
})

describe('words', () => {
  it('begin in all cups and lose them one by one', () => {
    const words = withWord([], 'flat', 3)
    expect(words).toEqual([{ word: 'flat', cups: [1, 2, 3] }])
    expect(toggledCup(words, 'flat', 2, 5)[0]!.cups).toEqual([1, 3])
    expect(toggledCup([{ word: 'flat', cups: [2] }], 'flat', 2, 5)).toEqual([])
    expect(toggledCup([{ word: 'flat', cups: [3] }], 'flat', 1, 5)[0]!.cups).toEqual([1, 3])
    // it begins in all cups: the first touch says which one is meant
    expect(toggledCup([{ word: 'flat', cups: [1, 2, 3, 4, 5] }], 'flat', 4, 5)[0]!.cups).toEqual([4])
  })

  it('are not added twice', () => {
    const words = [{ word: 'flat', cups: [1] }]
    expect(withWord(words, 'flat', 5)).toEqual(words)
  })

  it('are found by their beginning first, and by other spellings', () => {
    const all = [
      { word: 'peanut', alsoFoundBy: [] },
      { word: 'nutty', alsoFoundBy: ['almond'] },
      { word: 'drying', alsoFoundBy: ['astringent'] },
    ]
    expect(matchingWords(all, 'nut').map((w) => w.word)).toEqual(['nutty', 'peanut'])
    expect(matchingWords(all, 'Astr').map((w) => w.word)).toEqual(['drying'])
    expect(matchingWords(all, '  ')).toEqual([])
  })
})

it('goes round the defects', () => {
  expect(nextDefect('none')).toBe('taint')
  expect(nextDefect('taint')).toBe('fault')
  expect(nextDefect('fault')).toBe('none')
  expect(nextDefect(undefined)).toBe('taint')
})

describe('any scale', () => {
  it('steps and is read by its own measure', () => {
    expect(stepped(NINE, undefined, 1)).toBe(5)
    expect(stepped(NINE, 9, 1)).toBe(9)
    expect(stepped(NINE, 1, -1)).toBe(1)
    expect([0, 0.5, 0.999, 1].map((share) => scoreAt(NINE, share))).toEqual([1, 5, 9, 9])
    expect(onStep(NINE, 6.4)).toBe(6)
    expect(onStep(QUARTERS, 7.1)).toBe(7)
  })
  it('holds a value, or takes it back', () => {
    expect(withValue({ a: 1 }, 'b', 2)).toEqual({ a: 1, b: 2 })
    expect(withValue({ a: 1, b: 2 }, 'b', undefined)).toEqual({ a: 1 })
  })
})

describe('a word of one’s own', () => {
  it('is written small, without what is around it, and not too long', () => {
    expect(plainWord('  Biscuit TIN ')).toBe('biscuit tin')
    expect(plainWord('x'.repeat(60))).toHaveLength(40)
  })
})

describe('a trail', () => {
  const first = { score: 7.5, at: '2026-03-02T09:00:00Z', cupC: 68 }
  it('is silent while the score stayed, and says both once it moved', () => {
    expect(trailText({ first }, (c) => `${c}°`)).toBeUndefined()
    expect(trailText(undefined, (c) => `${c}°`)).toBeUndefined()
    expect(trailText({ first, last: { score: 8, at: first.at } }, (c) => `${c}°`)).toBe(
      'first 7.5 at 68°, then 8',
    )
  })
})
