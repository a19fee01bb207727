import { flushPromises } from '@vue/test-utils'
import { afterEach, expect, it, vi } from 'vitest'
import { mountApp, stubServer } from '@/shared/testMount'
import WallPage from './WallPage.vue'

afterEach(() => {
  document.body.innerHTML = ''
  vi.unstubAllGlobals()
})

const table = (more: object = {}) => ({
  id: 5,
  kind: 'scoring',
  blind: 'coded',
  told: false,
  form: 'hundred-point',
  unfinished: 3,
  joinCode: 'ACD379',
  samples: [{ code: '214' }, { code: '507' }],
  joined: ['Ruda'],
  ranked: [],
  sets: [],
  progress: [
    { sheetId: 1, cupper: 'Ines', code: '214', unscored: 0, written: true },
    { sheetId: 2, cupper: 'Ines', code: '507', unscored: 4, written: true },
  ],
  ...more,
})
const clock = { now: '2026-03-02T09:00:00Z', steps: [], samples: [], gapS: 20, readings: 0 }
async function wall(shown: object) {
  stubServer((_method, path) => ({ body: path.endsWith('/clock') ? clock : shown }))
  const page = mountApp(WallPage)
  await flushPromises()
  return page
}

it('says who is where and how to join, and no score', async () => {
  const page = await wall(table())
  expect(page.findAll('li').map((l) => l.text())).toEqual(['Rudanot begun', 'Inesat 507'])
  expect(
    page
      .findAll('li')[1]!
      .findAll('i')
      .map((i) => i.classes()[0]),
  ).toEqual(['scored', 'begun'])
  expect(page.text()).toContain('ACD379')
})

it('says when everybody has finished, and goes to the panel after the reveal', async () => {
  const done = await wall(table({ unfinished: 0 }))
  expect(done.find('[aria-label="Who is where"] [role=status]').text()).toBe('Everybody has finished.')
  done.unmount()
  const told = await wall(table({ told: true, revealedAt: '2026-03-02T10:00:00Z' }))
  expect(told.text()).toContain('This table is revealed.')
  expect(told.find('a').attributes('href')).toBe('/cupping/NaN')
})

it('counts sets and orders where nothing is scored', async () => {
  const sets = [
    { set: 1, answered: true },
    { set: 2, answered: false },
  ]
  expect((await wall(table({ form: undefined, kind: 'triangle', sets, unfinished: 1 }))).text()).toContain(
    '1 of 2 sets answered',
  )
  expect((await wall(table({ form: undefined, kind: 'roast-off', ranked: ['Guest 1'] }))).text()).toContain(
    'Ranked by Guest 1',
  )
})
