import { afterEach, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import RoastTable from './RoastTable.vue'

const roast = (id: number, faults: string[]) => ({
  id,
  lotId: 1,
  lotName: 'Lot',
  number: id,
  process: 'washed',
  machineName: 'Drum 1',
  roastedAt: '2026-03-01T09:00:00Z',
  faults,
  missingMarks: 0,
  accepted: false,
})

afterEach(() => vi.unstubAllGlobals())

async function table(afterCup: boolean) {
  stubServer(() => ({ body: { afterCup, cupped: afterCup ? [2] : [] } }))
  const mounted = mountApp(RoastTable, { roasts: [roast(1, ['crash']), roast(2, ['stall'])] })
  await flushPromises()
  return mounted.text()
}

it('says what a curve looks like, in a lab that wants it so', async () => {
  const text = await table(false)
  expect(text).toContain('crash')
  expect(text).toContain('stall')
})

it('keeps it until the cup in a lab that cups first', async () => {
  const text = await table(true)
  expect(text).not.toContain('crash')
  expect(text).toContain('told after the cup')
  expect(text).toContain('stall')
})
