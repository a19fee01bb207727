import { describe, expect, it } from 'vitest'
import { matchingWords, nextDefect, scoreAt, stepped, toggledCup, withWord } from './sheetContent'

describe('scores', () => {
  it('step by a quarter and stay within 0 to 10', () => {
    expect(stepped(undefined, 1)).toBe(7)
    expect(stepped(7.25, 1)).toBe(7.5)
    expect(stepped(10, 1)).toBe(10)
    expect(stepped(0, -1)).toBe(0)
    expect(stepped(6, -1)).toBe(5.75)
  })

  it('are read off the scale at the nearest quarter', () => {
    expect(scoreAt(0)).toBe(6)
    expect(scoreAt(0.51)).toBe(8)
    expect(scoreAt(2)).toBe(10)
  })
})

describe('words', () => {
  it('begin in all cups and lose them one by one', () => {
    const words = withWord([], 'flat', 3)
    expect(words).toEqual([{ word: 'flat', cups: [1, 2, 3] }])
    expect(toggledCup(words, 'flat', 2)[0]!.cups).toEqual([1, 3])
    expect(toggledCup([{ word: 'flat', cups: [2] }], 'flat', 2)).toEqual([])
    expect(toggledCup([{ word: 'flat', cups: [3] }], 'flat', 1)[0]!.cups).toEqual([1, 3])
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
