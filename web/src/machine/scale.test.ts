import { afterEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { reactive } from 'vue'
import { mountApp, stubServer } from '@/shared/testMount'
import type { Schemas } from '@/shared/api/client'
import ControlSlider from '@/plan/ControlSlider.vue'
import ScaleFields from './ScaleFields.vue'
import SerialLine from './SerialLine.vue'

afterEach(() => vi.unstubAllGlobals())

describe('a roaster’s own scale', () => {
  it('begins with what such a scale usually says, shows an example, and can be taken away', async () => {
    const range = { min: 0, max: 100, step: 1 } as Schemas['ControlRange']
    const fields = mountApp(ScaleFields, { modelValue: range, control: 'gas', plain: '%' })
    const choose = async (unit: string) => {
      fields.findComponent({ name: 'VSelect' }).vm.$emit('update:modelValue', unit)
      const next = fields.emitted('update:modelValue')!.at(-1)![0] as Schemas['ControlRange']
      await fields.setProps({ modelValue: reactive(next) })
      return next
    }
    expect((await choose('kpa')).scale).toEqual({ unit: 'kpa', lowest: 0, highest: 4, step: 0.1 })
    expect(fields.text()).toContain('50 % then reads 1.0 kPa')
    expect(fields.text()).toContain('root of the pressure')
    expect((await choose('dial')).scale!.highest).toBe(10)
    expect(fields.text()).toContain('50 % then reads 5.0')
    expect((await choose('plain')).scale).toBeUndefined()
  })

  it('offers no pressure for air', () => {
    const fields = mountApp(ScaleFields, {
      modelValue: { min: 0, max: 100, step: 1 },
      control: 'air',
      plain: '%',
    })
    const items = fields.findComponent({ name: 'VSelect' }).props('items') as { value: string }[]
    expect(items.map((i) => i.value)).toEqual(['plain', 'dial', 'steps'])
  })

  it('moves a slider in its own steps, and keeps per cent behind it', async () => {
    const slider = mountApp(ControlSlider, {
      modelValue: 50,
      label: 'gas at charge',
      control: 'gas',
      range: { min: 0, max: 100, step: 1, scale: { unit: 'kpa', lowest: 0, highest: 4, step: 0.1 } },
    })
    const bar = slider.findComponent({ name: 'VSlider' })
    expect(bar.props('modelValue')).toBe(1)
    expect(bar.props('max')).toBe(4)
    expect(slider.text()).toContain('1.0 kPa')
    bar.vm.$emit('update:modelValue', 4)
    expect(slider.emitted('update:modelValue')!.at(-1)).toEqual([100])
  })
})

describe('a serial line', () => {
  it('takes the first port there is, and looks again for a cable that was put in', async () => {
    let ports: { device: string; says: string }[] = []
    stubServer(() => ({ body: { ports, bauds: [9600, 19200], parities: ['even', 'none'] } }))
    const line = reactive<{
      device: string
      baud: number
      parity: 'even' | 'odd' | 'none'
      stopBits: number
    }>({
      device: '',
      baud: 19200,
      parity: 'even',
      stopBits: 1,
    })
    const fields = mountApp(SerialLine, { modelValue: line, problemAt: () => undefined })
    await flushPromises()
    expect(fields.text()).toContain('none found')
    expect(line.device).toBe('')
    ports = [{ device: '/dev/ttyUSB0', says: 'USB serial adapter' }]
    await fields
      .findAll('button')
      .find((b) => b.text() === 'Look again')!
      .trigger('click')
    await flushPromises()
    expect(line.device).toBe('/dev/ttyUSB0')
    // what a person has chosen stays
    ports = [{ device: '/dev/ttyS0', says: 'another' }]
    await fields
      .findAll('button')
      .find((b) => b.text() === 'Look again')!
      .trigger('click')
    await flushPromises()
    expect(line.device).toBe('/dev/ttyUSB0')
  })

  it('says at which of its fields the server found something wrong', async () => {
    stubServer(() => ({ body: { ports: [], bauds: [19200], parities: ['even'] } }))
    const fields = mountApp(SerialLine, {
      modelValue: { device: '/etc/passwd', baud: 19200, parity: 'even', stopBits: 1 },
      problemAt: (f: string) => (f === 'link.line.device' ? 'is no serial port' : undefined),
    })
    await flushPromises()
    expect(fields.text()).toContain('is no serial port')
  })
})
