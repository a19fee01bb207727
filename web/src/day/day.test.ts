import { afterEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import BatchesCard from './BatchesCard.vue'
import DayPage from './DayPage.vue'

afterEach(() => {
  document.body.innerHTML = ''
  vi.unstubAllGlobals()
  localStorage.clear()
})

const settings = { batchMinG: 60, batchMaxG: 150 }

describe('BatchesCard', () => {
  it('asks in seconds and says what comes of it', async () => {
    const sent = stubServer((_method, path) =>
      path === '/api/machines'
        ? { body: [{ id: 1, name: 'Drum 1', settings }] }
        : { body: { batches: 10, greenKg: 1.4, roastedKg: 1.2, durationS: 7350 } },
    )
    const card = mountApp(BatchesCard)
    await flushPromises()
    const fields = card.findAll('input[inputmode=decimal]')
    await fields[0]!.setValue('1,2')
    await fields[1]!.setValue('140')
    await card.find('form').trigger('submit')
    await flushPromises()
    expect(sent.at(-1)!.body).toMatchObject({ machineId: 1, roastedKg: 1.2, batchG: 140, roastS: 600 })
    expect(card.text()).toContain('10 batches from 1.40 kg of green give 1.20 kg in 2 h 3 min')
  })
})

describe('DayPage', () => {
  const slot = (planId: number, lotName: string, at: string) => ({
    planId,
    greenSampleId: planId,
    lotName,
    process: 'washed',
    stage: 'arrival',
    chargeC: 190,
    greenG: 120,
    roastS: 600,
    chargeAt: `2026-11-25T${at}:00`,
    dropAt: `2026-11-25T${at.slice(0, 3)}59:00`,
    settleS: 0,
  })
  const day = (version: number, order: number[]) => ({
    date: '2026-11-25',
    version,
    content: { machineId: 1, lit: '08:00:00', rest: 'protocol', items: order.map((planId) => ({ planId })) },
    warmUpS: 1800,
    turnaroundS: 150,
    slots: order.map((id, i) => slot(id, id === 1 ? 'Hill' : 'Slope', `0${8 + i}:30`)),
    chargeChanges: 0,
    endsAt: '2026-11-25T09:59:00',
  })
  const mount = async () => {
    const sent = stubServer((method, path, body) => {
      if (path.startsWith('/api/days')) {
        const items = body as { content?: { items: { planId: number }[] } } | ''
        return {
          body:
            method === 'PUT' && items
              ? day(
                  2,
                  items.content!.items.map((i) => i.planId),
                )
              : day(1, [1, 2]),
        }
      }
      return { body: [] }
    })
    const page = mountApp(DayPage)
    await flushPromises()
    return { page, sent }
  }

  it('moves a roast by an arrow key and keeps the new order from the version it had', async () => {
    vi.useFakeTimers()
    const { page, sent } = await mount()
    const rows = page.findAll('li.row')
    expect(rows.map((r) => r.find('.time').text())).toEqual(['08:30–08:59', '09:30–09:59'])
    await rows[1]!.trigger('keydown', { key: 'ArrowUp' })
    await vi.advanceTimersByTimeAsync(300)
    await flushPromises()
    const put = sent.find((x) => x.method === 'PUT')!
    expect(put.body).toMatchObject({ version: 1, content: { items: [{ planId: 2 }, { planId: 1 }] } })
    expect(page.findAll('li.row')[0]!.text()).toContain('Slope')
    vi.useRealTimers()
  })

  it('takes changes back one by one, and keeps what is there then', async () => {
    vi.useFakeTimers()
    const { page, sent } = await mount()
    const button = page.findAll('button').find((b) => b.text() === 'Undo')!
    expect(button.attributes('disabled')).toBeDefined()
    await page.findAll('li.row')[1]!.trigger('keydown', { key: 'ArrowUp' })
    await vi.advanceTimersByTimeAsync(300)
    await flushPromises()
    await page.find('[aria-label$="take out of the day"]').trigger('click')
    await vi.advanceTimersByTimeAsync(300)
    await flushPromises()
    expect(page.findAll('li.row')).toHaveLength(1)
    await button.trigger('click')
    await vi.advanceTimersByTimeAsync(300)
    await flushPromises()
    expect(page.findAll('li.row').map((r) => r.text().includes('Slope'))).toEqual([true, false])
    await button.trigger('click')
    await vi.advanceTimersByTimeAsync(300)
    await flushPromises()
    expect(sent.filter((x) => x.method === 'PUT').at(-1)!.body).toMatchObject({
      content: { items: [{ planId: 1 }, { planId: 2 }] },
    })
    expect(page.text()).toContain('The last change is taken back.')
    expect(button.attributes('disabled')).toBeDefined()
    vi.useRealTimers()
  })
})
