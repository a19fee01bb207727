import { describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import ChoosePanel from './ChoosePanel.vue'
import CoolingPanel from './CoolingPanel.vue'
import LinkNote from './LinkNote.vue'
import OutlookCards from './OutlookCards.vue'
import PreparePanel from './PreparePanel.vue'
import TypedReadings from './TypedReadings.vue'
import { batch, desk, link } from './testDesk'

describe('the cards of the desk', () => {
  it('say what to do before the charge, and ask a hand for its step', async () => {
    const state = desk({
      phase: 'preparing',
      gate: { call: 'too-hot', beanC: 205, beanFromC: 188, beanToC: 192, inS: 40 },
      protocol: {
        steps: [
          { kind: 'do', probe: 'bean', text: 'Door open' },
          { kind: 'fall-to', probe: 'bean', value: 178, text: '' },
        ],
        at: 0,
        elapsedS: 65,
        stepElapsedS: 5,
        needsHand: true,
      },
    })
    const card = mountApp(PreparePanel, { state })
    expect(card.text()).toContain('Too hot: let it fall')
    expect(card.text()).toContain('about 0:40 to go')
    expect(card.text()).toContain('Until the bean probe has fallen to 178.0 °C')
    expect(card.text()).toContain('never leave the roaster')
    await card
      .findAll('button')
      .find((b) => b.text() === 'Done')!
      .trigger('click')
    expect(card.emitted('step')).toEqual([[0]])
  })

  it('send a weight once the typing rests, and never overwrite what is being typed', async () => {
    vi.useFakeTimers()
    const at = (greenG: number) => desk({ phase: 'preparing', batch: batch({ greenG }) })
    const card = mountApp(PreparePanel, { state: at(120) })
    const field = card
      .findAll('input')
      .filter((i) => i.element.type !== 'checkbox')
      .at(-1)!
    for (const text of ['1', '11', '118', '118,5']) {
      await field.setValue(text)
      await vi.advanceTimersByTimeAsync(100)
      await card.setProps({ state: at(120.1) })
    }
    expect(card.emitted('weighed')).toBeUndefined()
    await vi.advanceTimersByTimeAsync(800)
    const weighed = card.emitted('weighed')!
    expect(weighed).toEqual([[118.5]])
    await card.setProps({ state: at(118.5) })
    await field.setValue('119')
    // the charge comes before the typing rested
    card.unmount()
    expect(weighed).toEqual([[118.5], [119]])
    vi.useRealTimers()
  })

  it('show a warning alone, and the next move when nothing is wrong', () => {
    const next = { control: 'gas' as const, fromValue: 60, toValue: 45, inS: 24, when: 'at 7:06' }
    const toldBy = 'This roaster has no model yet: by the pace of its last 4 roasts.'
    const calm = mountApp(OutlookCards, { state: desk({ next, toldBy }) })
    expect(calm.text()).toContain('Ease the gas in 0:24')
    expect(calm.text()).toContain('60 to 45 %, at 7:06')
    expect(calm.text()).toContain(toldBy)
    const warning = {
      kind: 'crash',
      safety: false,
      overrun: false,
      sinceS: 400,
      title: 'A crash is coming',
      says: 'x',
      answer: 'y',
    }
    const warned = mountApp(OutlookCards, { state: desk({ next, warning }) })
    expect(warned.text()).toContain('A crash is coming')
    expect(warned.text()).not.toContain('Ease the gas')
    const seen = mountApp(OutlookCards, { state: desk({ next, warning }), seen: true })
    expect(seen.text()).toContain('A crash is coming: seen')
    expect(seen.text()).toContain('Ease the gas')
  })

  it('show what is coming with how far off it may be', () => {
    const outlook = {
      planned: true,
      firstCrackS: { value: 478, plusMinus: 6.2, by: 'model' as const },
      rorAtFirstCrackCPerMin: { value: 9.6, plusMinus: 0.4, by: 'model' as const },
      aheadTimeS: [],
      aheadBeanC: [],
    }
    const text = mountApp(OutlookCards, { state: desk({ outlook }) }).text()
    expect(text).toContain('if the plan is kept')
    expect(text).toMatch(/first crack\s*7:58\s*± 6 s/)
    expect(text).toContain('9.6 °C/min')
  })

  it('count the cooling down and keep without being asked; setting aside needs a reason', async () => {
    const sent = stubServer((_m, path) =>
      path.endsWith('/discarded')
        ? { status: 422, body: { problems: [{ field: 'reason', message: 'Say why it is excluded' }] } }
        : {},
    )
    const card = mountApp(CoolingPanel, {
      state: desk({
        phase: 'cooling',
        batch: batch({ roastId: 9 }),
        cooling: { elapsedS: 100, limitS: 240 },
      }),
    })
    expect(card.text()).toContain('cold by 4:00: 2:20 left')
    expect(card.text()).toContain('call the fire service')
    await card
      .findAll('button')
      .find((b) => b.text().startsWith('Exclude it'))!
      .trigger('click')
    await card.find('form').trigger('submit')
    await flushPromises()
    expect(sent.at(-1)).toMatchObject({ method: 'PUT', path: '/api/roasts/9/discarded' })
    expect(card.text()).toContain('Say why it is excluded')
  })

  it('name what is wrong with the link, the disk and the network', () => {
    const note = (props: object) =>
      mountApp(LinkNote, { link: link(), machineName: 'Drum 1', heard: true, waiting: 0, ...props }).text()
    expect(note({})).toContain('12 readings kept')
    expect(note({ link: link({ status: 'lost', text: 'Nothing answers' }) })).toContain('Nothing answers')
    expect(note({ link: link({ gaps: 2, refused: 3 }) })).toContain('2 gaps, 3 implausible dropped')
    expect(note({ link: link({ disk: 'The disk takes no more' }) })).toContain('The disk takes no more')
    expect(note({ heard: false, waiting: 1 })).toContain('1 key waits here')
  })

  it('ask for a typed reading each half minute, in the units of the reader', async () => {
    const card = mountApp(TypedReadings, { state: desk({ nowS: 10, link: link({ status: 'by-hand' }) }) })
    expect(card.text()).toContain('Read the thermometer now')
    const [bean] = card.findAll('input')
    await bean!.setValue('hot')
    await card.find('form').trigger('submit')
    expect(card.emitted('typed')).toBeUndefined()
    await bean!.setValue('187,5')
    await card.find('form').trigger('submit')
    expect(card.emitted('typed')).toEqual([[187.5, undefined]])
    expect(card.text()).toContain('Next reading in 0:30')
  })

  it('offer the next batch of the day first', async () => {
    const slot = (planId: number, lotName: string) => ({
      planId,
      greenSampleId: planId,
      lotName,
      process: 'washed',
      stage: 'arrival',
      chargeC: 190,
      greenG: 120,
      roastS: 600,
      chargeAt: '2026-03-02T09:00:00',
      dropAt: '2026-03-02T09:10:00',
      changed: false,
    })
    stubServer((_m, path) => {
      if (path.startsWith('/api/days')) {
        return {
          body: { content: { machineId: 1, items: [] }, slots: [slot(4, 'Done Hill'), slot(5, 'Next Hill')] },
        }
      }
      return path.endsWith('/day') ? { body: { batches: [{ planId: 4 }], drift: '' } } : { body: [] }
    })
    const card = mountApp(ChoosePanel, { machineId: 1 })
    // pressed before it is known what was roasted already: it waits for that
    ;(card.vm as unknown as { prepareNext: () => void }).prepareNext()
    expect(card.emitted('prepare')).toBeUndefined()
    await flushPromises()
    expect(card.text()).toContain('roasted today')
    expect(card.emitted('prepare')).toEqual([[{ planId: 5, batch: 2, batches: 2 }]])
  })
})
