import { afterEach, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import OfferedRules from './OfferedRules.vue'
import PatternDots from './PatternDots.vue'
import PatternsPage from './PatternsPage.vue'
import { patternSentence } from './patterns'

/** As the server names them. */
const NAMES: Record<string, [string, string]> = {
  rorAtFirstCrackCPerMin: ['rate of rise at first crack', '°C/min'],
  colourWhole: ['colour of the whole beans', ''],
  quakersPer100g: ['quakers', 'in 100 g'],
  dropC: ['drop', '°C'],
  drumRpm: ['drum speed', '1/min'],
}

const pattern = (metric: string, standing: string, more = {}) => ({
  metric,
  label: NAMES[metric]?.[0] ?? metric,
  unit: NAMES[metric]?.[1] ?? '',
  direction: 'above',
  threshold: 9.84,
  lower: 9.1,
  upper: 10.4,
  auc: 0.86,
  n: 60,
  called: 20,
  p: 0.0004,
  standing,
  wanting: 0,
  ...more,
})

afterEach(() => {
  document.body.innerHTML = ''
  vi.unstubAllGlobals()
})

it('says a pattern in words, with its unit and its interval', () => {
  expect(patternSentence(pattern('rorAtFirstCrackCPerMin', 'learned'))).toBe(
    'Rate of rise at first crack above 9.8 °C/min (between 9.1 and 10.4)',
  )
  const bare = pattern('colourWhole', 'not-yet', { threshold: undefined, direction: 'below' })
  expect(patternSentence(bare)).toBe('Colour of the whole beans')
  expect(patternSentence(pattern('somethingNew', 'not-yet', { threshold: undefined }))).toBe('SomethingNew')
})

it('asks for the first roaster, and again for another cause; sorts by standing', async () => {
  const sent = stubServer((_, path) => ({
    body: path.startsWith('/api/machines')
      ? [{ id: 4, name: 'Drum 1' }]
      : /points|offers/.test(path)
        ? []
        : [
            pattern('quakersPer100g', 'learned'),
            pattern('dropC', 'tentative', { p: 0.04 }),
            pattern('drumRpm', 'not-yet', { n: 12, wanting: 8 }),
          ],
  }))
  const page = mountApp(PatternsPage)
  await flushPromises()
  expect(sent.map((s) => s.path)).toContain('/api/patterns?machineId=4&cause=baked')
  expect(page.text()).toContain('20 cups of 60 on this roaster are called so.')
  expect(page.text()).toContain('Quakers above 9.8 in 100 g')
  expect(page.text()).toContain('p < 0.001')
  expect(page.text()).toContain('p 0.040')
  expect(page.text()).toContain('Too few cups: 8 more of the rarer kind at least.')
  expect(page.text()).toContain('Looked at: drum speed.')
  page.findAllComponents({ name: 'VSelect' })[1]!.vm.$emit('update:modelValue', 'quakers')
  await flushPromises()
  expect(sent.map((s) => s.path)).toContain('/api/patterns?machineId=4&cause=quakers')
})

it('draws every cup along the figure, those called so above the others, and the interval', async () => {
  stubServer(() => ({
    body: [
      { roastId: 1, value: 8, called: false },
      { roastId: 2, value: 9, called: false },
      { roastId: 3, value: 11, called: true },
    ],
  }))
  const dots = mountApp(PatternDots, { machineId: 4, cause: 'baked', pattern: pattern('dropC', 'learned') })
  await flushPromises()
  const at = (kind: string) => dots.findAll(`circle.${kind}`).map((c) => Number(c.attributes('cx')))
  expect(at('called')).toHaveLength(1)
  expect(at('other')).toHaveLength(2)
  const line = Number(dots.find('line').attributes('x1'))
  expect(Math.max(...at('other'))).toBeLessThan(line)
  expect(at('called')[0]).toBeGreaterThan(line)
  expect(Number(dots.find('rect').attributes('width'))).toBeGreaterThan(1)
})

it('lays an offer ready on the page of the rules, with its reason', async () => {
  stubServer(() => ({
    body: [
      {
        rule: 'sign.hot-charge.line',
        text: 'Hot charge: counts half at',
        unit: 'spreads above usual',
        now: 2.6,
        learned: 4.52,
        lower: 4.1,
        upper: 5,
        cups: 60,
        called: 14,
      },
    ],
  }))
  const offered = mountApp(OfferedRules, { machineId: 4, machineName: 'Drum 1', cause: 'scorched' })
  await flushPromises()
  expect(offered.text()).toContain('4.5 instead of 2.6 spreads above usual')
  const href = decodeURIComponent(offered.find('a').attributes('href')!.replaceAll('+', ' '))
  expect(href).toBe(
    '/trace/rules?rule=sign.hot-charge.line&value=4.5&why=Learned on Drum 1 from 14 of 60 cups, between 4.1 and 5.0',
  )
})
