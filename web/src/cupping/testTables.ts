import type { Schemas } from '@/shared/api/client'
import type { mountApp } from '@/shared/testMount'

/** What tests of the cupping room sit at. */
type Page = ReturnType<typeof mountApp>

export const roast = (id: number, lotName: string) =>
  ({ id, lotName, number: 1, process: 'washed', roastedAt: '2026-03-01T09:00:00Z' }) as Schemas['RoastView']

/** A coded table of two samples that nobody has begun. */
export const table = (more: object = {}) =>
  ({
    id: 5,
    cuppedAt: '2026-03-02T09:00:00Z',
    cups: 5,
    kind: 'scoring',
    form: 'hundred-point',
    blind: 'coded',
    told: false,
    unmatched: false,
    samples: [{ code: '214' }, { code: '907' }],
    progress: [],
    unfinished: 1,
    missing: '1 sheet is not finished',
    sets: [],
    ranked: [],
    joined: [],
    marks: [],
    roastIds: [],
    sheets: [],
    ...more,
  }) as unknown as Schemas['CuppingView']

/** A sheet of that table with nothing on it. */
export const emptySheet = (code: string) => ({
  id: 3,
  cuppingId: 5,
  code,
  cupper: 'Ines',
  form: 'hundred-point',
  attributes: {},
  intensities: {},
  scales: {},
  below: [],
  meanings: {},
  trail: {},
  cups: [],
  words: [],
  unscored: [],
  runningTotal: 30,
  uniformity: 10,
  cleanCup: 10,
  sweetness: 10,
  defects: 0,
  version: 0,
})

export const button = (page: Page, text: string) =>
  page.findAll('button').find((b) => b.text().includes(text))!
export const select = (page: Page, label: string) =>
  page.findAllComponents({ name: 'VSelect' }).find((c) => c.props('label') === label)!

const whole = (field: string, least: number, most: number) => ({
  field,
  label: field,
  least,
  from: least,
  most,
  step: 1,
  begin: Math.round((least + most) / 2),
})
/** The forms as the server describes them; of the house's own scales one. */
export const FORMS: Schemas['FormView'][] = [
  {
    form: 'hundred-point',
    attributes: ['fragrance / aroma', 'flavour', 'aftertaste', 'acidity', 'body', 'balance', 'overall'].map(
      (label) => ({
        field: label === 'fragrance / aroma' ? 'fragranceAroma' : label,
        label,
        least: 0,
        from: 6,
        most: 10,
        step: 0.25,
        begin: 7,
      }),
    ),
    intensities: [whole('acidity', 1, 5)],
    places: [],
    scales: [whole('fruit', 0, 10)],
  },
  {
    form: 'value-assessment',
    attributes: ['fragrance', 'aroma'].map((field) => whole(field, 1, 9)),
    intensities: [whole('aroma', 0, 15)],
    places: [{ place: 'mouthfeel', label: 'mouthfeel', most: 1 }],
    scales: [],
  },
  { form: 'triage', attributes: [], intensities: [], places: [], scales: [] },
]
