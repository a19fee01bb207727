import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { mountApp, stubServer } from '@/shared/testMount'
import SampleSheet from './SampleSheet.vue'
import SheetForm from './SheetForm.vue'
import TriageForm from './TriageForm.vue'
import { button, emptySheet, FORMS } from './testTables'
import { forms } from './useForms'

afterEach(() => vi.unstubAllGlobals())

describe('the form of a sheet', () => {
  const mount = async (more: object, answer: object) => {
    forms.value = FORMS
    const sent = stubServer((method, path) =>
      method === 'PUT' ? answer : { body: path.includes('forms') ? FORMS : {} },
    )
    const page = mountApp(SampleSheet, {
      sheet: { ...emptySheet('214'), ...more },
      vocabulary: [],
      seated: true,
    })
    await flushPromises()
    return { page, sent }
  }

  it('is the other one for whoever chooses it before the first score', async () => {
    const { page, sent } = await mount({}, { body: emptySheet('214') })
    expect(page.text()).toContain('You write on the 100-point form.')
    await button(page, 'Write on the value assessment').trigger('click')
    await flushPromises()
    expect(sent.at(-1)!.body).toEqual({ cupper: 'Ines', form: 'value-assessment' })
    expect(page.emitted('reload')).toHaveLength(1)
  })

  it('stays once something is written', async () => {
    const { page } = await mount({ attributes: { flavour: 7 } }, { body: {} })
    expect(page.text()).not.toContain('You write on')
  })

  it('says why it cannot be the other one', async () => {
    const { page } = await mount({}, { status: 409, body: { detail: 'Something is written' } })
    await button(page, 'Write on the value assessment').trigger('click')
    await flushPromises()
    expect(page.find('[role=alert]').text()).toContain('Something is written')
    expect(page.emitted('reload')).toBeUndefined()
  })
})

describe('a sheet', () => {
  const open = (form: number, more: object = {}) => {
    const sheet = { ...emptySheet('214'), cups: [{}, {}, {}], form: FORMS[form]!.form, ...more }
    const sent = stubServer((method) =>
      method === 'PUT' ? { body: { ...sheet, version: 1 } } : { body: {} },
    )
    const page =
      form === 2
        ? mountApp(TriageForm, { sheet, vocabulary: [] })
        : mountApp(SheetForm, { sheet, form: FORMS[form], vocabulary: [], seated: true })
    const kept = async () => {
      await vi.waitFor(() => expect(sent.some((s) => s.method === 'PUT')).toBe(true))
      return sent.findLast((s) => s.method === 'PUT')!.body as Record<string, unknown>
    }
    return { page, kept }
  }

  it('draws the form that it is on, with what the house looks for', () => {
    const { page } = open(0, {
      below: ['flavour'],
      houseSays: 'premium',
      finalScore: 86,
      attributes: { flavour: 7 },
    })
    expect(page.findAll('.scores [role=slider]')).toHaveLength(7)
    expect(page.text()).toContain('below the house’s line')
    expect(page.text()).toContain('premium')
    expect(page.text()).toContain('Our own scales')
    const { page: value } = open(1)
    expect(value.findAll('.scores [role=slider]')).toHaveLength(2)
    expect(value.text()).toContain('5 is neither high nor low')
    expect(value.text()).not.toContain('Clean')
  })

  it('says whether a fault is the batch or a bean', () => {
    const { page } = open(0, {
      words: [{ word: 'musty', cups: [1, 2, 3] }],
      meanings: { musty: 'in every cup: the batch itself', defects: 'in 1 of 3 cups: a bean' },
    })
    expect(page.find('.found').text()).toContain('in every cup: the batch itself')
    expect(page.text()).toContain('Taint or fault in 1 of 3 cups: a bean.')
  })

  it('says how a score went while the cup cooled', () => {
    const first = { score: 7.5, at: '2026-03-02T09:00:00Z', cupC: 68 }
    const { page } = open(0, {
      attributes: { flavour: 8 },
      trail: { flavour: { first, last: { ...first, score: 8 } } },
    })
    expect(page.text()).toContain('first 7.5 at 68')
  })

  it('keeps what stands beside the scores, and undoes a change', async () => {
    const { page, kept } = open(0)
    expect(button(page, 'Undo').attributes('disabled')).toBeDefined()
    await page.find('.extras [role=slider]').trigger('keydown', { key: '4' })
    await page.find('.extras textarea').setValue('sings')
    expect(await kept()).toMatchObject({ intensities: { acidity: 4 }, note: 'sings' })
    await vi.waitFor(() => expect(button(page, 'Undo').attributes('disabled')).toBeUndefined())
    await button(page, 'Undo').trigger('click')
    expect((page.find('.extras textarea').element as HTMLTextAreaElement).value).toBe('')
  })

  it('says of an offer in a touch what becomes of it, and takes it back in another', async () => {
    const { page, kept } = open(2)
    await button(page, 'Look again').trigger('click')
    expect(await kept()).toMatchObject({ verdict: 'again' })
    await button(page, 'Look again').trigger('click')
    expect(button(page, 'Look again').attributes('aria-pressed')).toBe('false')
  })
})
