import { afterEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import CupMarks from './CupMarks.vue'
import CuppingPage from './CuppingPage.vue'
import ScoreRow from './ScoreRow.vue'
import WordFinder from './WordFinder.vue'
import { FORMS } from './testTables'
import { forms } from './useForms'

const QUARTERS = FORMS[0]!.attributes[1]!
forms.value = FORMS

afterEach(() => {
  document.body.innerHTML = ''
  vi.unstubAllGlobals()
})

describe('ScoreRow', () => {
  const row = (modelValue?: number) => mountApp(ScoreRow, { label: 'Flavour', scale: QUARTERS, modelValue })
  const last = (wrapper: ReturnType<typeof row>) => wrapper.emitted('update:modelValue')?.at(-1)?.[0]

  it('steps by arrows and pages', async () => {
    const flavour = row(7.5)
    const scale = flavour.find('[role=slider]')
    await scale.trigger('keydown', { key: 'ArrowRight' })
    expect(last(flavour)).toBe(7.75)
    await scale.trigger('keydown', { key: 'PageDown' })
    expect(last(flavour)).toBe(6.75)
  })

  it('takes a typed number, to the nearest quarter', async () => {
    const flavour = row()
    const scale = flavour.find('[role=slider]')
    for (const key of ['7', ',', '2', '5']) {
      await scale.trigger('keydown', { key })
    }
    expect(last(flavour)).toBe(7.25)
  })

  it('forgets a score on Delete and says that there is none', async () => {
    const flavour = row(8)
    await flavour.find('[role=slider]').trigger('keydown', { key: 'Delete' })
    expect(last(flavour)).toBeUndefined()
    expect(row().find('[role=slider]').attributes('aria-valuetext')).toBe('not scored')
  })

  it('says what lies below standard', () => {
    expect(row(5.5).text()).toContain('below standard')
    expect(row(6).text()).not.toContain('below standard')
  })
})

describe('CupMarks', () => {
  const cups = [
    { uniform: true, clean: true, sweet: true, defect: 'none' },
    { uniform: true, clean: true, sweet: false, defect: 'taint' },
  ]

  it('turns a mark of one cup and leaves the others', async () => {
    const marks = mountApp(CupMarks, { modelValue: cups })
    await marks.find('[aria-label="Cup 1 sweet"]').trigger('click')
    expect(marks.emitted('update:modelValue')?.[0]?.[0]).toEqual([{ ...cups[0], sweet: false }, cups[1]])
    await marks.find('[aria-label="Cup 2 sweet"]').trigger('click')
    expect(marks.emitted('update:modelValue')?.[1]?.[0]).toEqual([
      { ...cups[0], sweet: false },
      { ...cups[1], sweet: true },
    ])
  })

  it('goes from taint to fault', async () => {
    const marks = mountApp(CupMarks, { modelValue: cups })
    await marks.find('[aria-label^="Cup 2 defect: taint"]').trigger('click')
    expect(marks.emitted('update:modelValue')?.[0]?.[0]).toEqual([cups[0], { ...cups[1], defect: 'fault' }])
  })
})

describe('WordFinder', () => {
  const vocabulary = [
    {
      word: 'flat',
      group: 'dull and closed',
      pointsTo: 'heat that dragged on',
      alsoFoundBy: [],
      column: 2,
      row: 1,
      reference: 'a grey day',
    },
    { word: 'bready', group: 'grain', pointsTo: 'baking', alsoFoundBy: ['bread'], column: 1, row: 1 },
    { word: 'berry', group: 'fruit', pointsTo: 'the coffee itself', alsoFoundBy: [], column: 0, row: 0 },
  ]
  const finder = (modelValue: unknown = [], places: object[] = [], lately: string[] = []) =>
    mountApp(WordFinder, { vocabulary, cups: 3, modelValue, places, lately })

  it('offers the words used lately first, and the whole map where it is wanted', async () => {
    localStorage.clear()
    const words = finder([{ word: 'flat', cups: [1] }], [], ['flat', 'berry'])
    const lately = words.find('[aria-label="Words used lately"]')
    expect(lately.findAll('button').map((b) => b.text())).toEqual(['berry'])
    expect(words.text()).toContain('flat: a grey day')
    await words.find('.maps').trigger('click')
    const patches = words.findAll('.patch')
    expect(patches.map((p) => p.attributes('aria-label'))).toEqual(['fruit', 'grain', 'dull and closed'])
    expect(words.find('[aria-pressed=true]').text()).toContain('Put the map')
    await patches[1]!.find('button').trigger('click')
    expect(words.emitted('update:modelValue')?.[0]?.[0]).toContainEqual({ word: 'bready', cups: [1, 2, 3] })
    localStorage.clear()
  })

  it('takes the first match on Enter, in all cups', async () => {
    const words = finder()
    await words.find('input').setValue('bread')
    await words.find('input').trigger('keydown', { key: 'Enter' })
    expect(words.emitted('update:modelValue')?.[0]?.[0]).toEqual([{ word: 'bready', cups: [1, 2, 3] }])
    expect(words.find('input').element.value).toBe('')
  })

  it('takes any other word as one’s own', async () => {
    const words = finder()
    await words.find('input').setValue(' Zing')
    expect(words.text()).toContain('“zing” is not in the vocabulary')
    await words.find('input').trigger('keydown', { key: 'Enter' })
    // never by the way: it is asked first
    expect(words.emitted('update:modelValue')).toBeUndefined()
    expect(words.text()).toContain('Enter once more writes “zing”')
    await words.find('input').trigger('keydown', { key: 'Enter' })
    expect(words.emitted('update:modelValue')?.[0]?.[0]).toEqual([{ word: 'zing', cups: [1, 2, 3] }])
  })

  it('takes the key that comes here for no part of a word', async () => {
    const words = finder()
    await words.find('input').setValue('/bready')
    expect(words.find('input').element.value).toBe('bready')
    await words.find('input').trigger('keydown', { key: 'Enter' })
    expect(words.emitted('update:modelValue')?.[0]?.[0]).toEqual([{ word: 'bready', cups: [1, 2, 3] }])
  })

  it('puts a word where it belongs, until that place is full', async () => {
    const there = [
      { word: 'bready', cups: [1], place: 'mouthfeel' },
      { word: 'flat', cups: [1] },
    ]
    const words = finder(there, FORMS[1]!.places)
    const places = words.findAll('.place')
    expect(places.map((p) => p.attributes('disabled') !== undefined)).toEqual([false, true])
    await places[0]!.trigger('click')
    expect(words.emitted('update:modelValue')?.[0]?.[0]).toEqual([{ word: 'bready', cups: [1] }, there[1]])
  })

  it('opens a group and says what it may point to', async () => {
    const words = finder()
    const group = words.findAll('.group').find((g) => g.text() === 'grain')!
    await group.trigger('click')
    expect(words.text()).toContain('may point to: baking')
    await words.findAll('.inner .chip')[0]!.trigger('click')
    expect(words.emitted('update:modelValue')?.[0]?.[0]).toEqual([{ word: 'bready', cups: [1, 2, 3] }])
  })

  it('says one cup by one touch', async () => {
    const words = finder([{ word: 'flat', cups: [1, 2, 3] }])
    await words.find('[aria-label="flat in cup 2"]').trigger('click')
    expect(words.emitted('update:modelValue')?.[0]?.[0]).toEqual([{ word: 'flat', cups: [2] }])
    await words.find('[aria-label="Remove flat"]').trigger('click')
    expect(words.emitted('update:modelValue')?.[1]?.[0]).toEqual([])
  })
})

describe('ScoreRow under a finger', () => {
  const row = () => {
    const made = mountApp(ScoreRow, { label: 'Flavour', scale: QUARTERS, modelValue: undefined })
    const scale = made.find('[role=slider]')
    scale.element.getBoundingClientRect = () => ({ left: 0, width: 170 }) as DOMRect
    const touch = (type: string, clientX: number) =>
      scale.element.dispatchEvent(
        Object.assign(new Event(type), {
          pointerType: 'touch',
          buttons: type === 'pointerup' ? 0 : 1,
          clientX,
        }),
      )
    return { made, touch, scores: () => made.emitted('update:modelValue') ?? [] }
  }
  it('scores nothing when the finger turns out to scroll the page', () => {
    const { touch, scores } = row()
    touch('pointerdown', 85)
    touch('pointermove', 87)
    touch('pointercancel', 87)
    touch('pointerup', 87)
    expect(scores()).toHaveLength(0)
  })
  it('scores where it is lifted, and follows it along the scale', () => {
    const { touch, scores } = row()
    touch('pointerdown', 85)
    touch('pointerup', 85)
    expect(scores()).toHaveLength(1)
    touch('pointerdown', 10)
    touch('pointermove', 60)
    touch('pointermove', 120)
    touch('pointerup', 120)
    expect(scores().length).toBeGreaterThan(2)
  })
})

describe('CuppingPage', () => {
  const cups = [1, 2, 3].map(() => ({ uniform: true, clean: true, sweet: true, defect: 'none' }))
  const sheet = {
    id: 4,
    cuppingId: 1,
    roastId: 7,
    code: '1',
    version: 0,
    form: 'hundred-point',
    cupper: '',
    cups,
    words: [],
  }
  const table = (sheets: unknown[]) => ({
    id: 1,
    cuppedAt: '2026-03-02T09:00:00Z',
    cups: 3,
    kind: 'scoring',
    sets: [],
    ranked: [],
    joined: [],
    blind: 'open',
    told: true,
    samples: [{ code: '1', roastId: 7 }],
    progress: sheets.map(() => ({ sheetId: 4, cupper: '', code: '1', unscored: 7 })),
    roastIds: [7],
    sheets,
  })

  it('draws the form of a new table once, so that who begins to type keeps the focus', async () => {
    const sheets: unknown[] = []
    stubServer((method, path) => {
      if (method === 'POST') {
        sheets.push({
          ...sheet,
          attributes: {},
          unscored: ['flavour'],
          runningTotal: 30,
          uniformity: 10,
          cleanCup: 10,
          sweetness: 10,
          defects: 0,
        })
        return { body: sheets[0] }
      }
      return { body: path.endsWith('/cuppings/NaN') ? table([...sheets]) : [] }
    })
    const page = mountApp(CuppingPage)
    await vi.waitFor(() => expect(page.find('[role=slider]').exists()).toBe(true))
    const scale = page.find('[role=slider]').element as HTMLElement
    scale.focus()
    await flushPromises()
    await new Promise((settled) => setTimeout(settled, 50))
    expect(document.activeElement).toBe(scale)
    expect(sheets).toHaveLength(1)
  })
})
