import { afterEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { mountApp } from '@/shared/testMount'
import { failureOf } from '@/shared/api/client'
import { ref } from 'vue'
import { provideSlips } from '@/shared/kept/slips'
import NumberField from './NumberField.vue'
import PageState from './PageState.vue'
import SourceShape from './SourceShape.vue'
import Workline from './Workline.vue'

afterEach(() => {
  document.body.innerHTML = ''
  vi.unstubAllGlobals()
})

describe('NumberField', () => {
  it('takes a decimal comma for a point', async () => {
    const field = mountApp(NumberField, { label: 'Moisture', unit: '%' })
    await field.find('input').setValue('10,8')
    expect(field.emitted('update:modelValue')?.at(-1)).toEqual([10.8])
    expect(field.emitted('valid')?.at(-1)).toEqual([true])
  })

  it('takes a time of the roast, and says of ten and 9:75 that they are none', async () => {
    const field = mountApp(NumberField, { label: 'Total time', clock: true, modelValue: 585 })
    expect(field.find('input').element.value).toBe('9:45')
    await field.find('input').setValue('9:50')
    expect(field.emitted('update:modelValue')?.at(-1)).toEqual([590])
    for (const slip of ['ten', '9:75']) {
      await field.find('input').setValue(slip)
      expect(field.text()).toContain(`“${slip}” is not a time such as 9:30`)
      expect(field.emitted('valid')?.at(-1)).toEqual([false])
    }
  })

  it('says at once what is no number, and sends none', async () => {
    const field = mountApp(NumberField, { label: 'Moisture', modelValue: 11 })
    await field.find('input').setValue('wet')
    expect(field.emitted('update:modelValue')?.at(-1)).toEqual([undefined])
    expect(field.emitted('valid')?.at(-1)).toEqual([false])
    expect(field.text()).toContain('“wet” is not a number')
    expect(field.find('input').element.value).toBe('wet')
  })

  it('keeps the value of before the slip, and shows the slip again on return', async () => {
    const page = () =>
      mountApp({
        components: { NumberField },
        setup() {
          provideSlips('bench.7')
          return { n: ref(11.8) }
        },
        template: '<NumberField v-model="n" label="Moisture" /><output>{{ n }}</output>',
      })
    const first = page()
    const input = first.find('input')
    await input.trigger('focus')
    for (const typed of ['1', '11', '11..', '11..8']) {
      await input.setValue(typed)
    }
    expect(first.find('output').text()).toBe('11.8')
    first.unmount()
    const back = page()
    expect(back.find('input').element.value).toBe('11..8')
    expect(back.text()).toContain('“11..8” is not a number')
    await back.find('input').setValue('11.6')
    expect(back.find('output').text()).toBe('11.6')
    back.unmount()
    expect(page().find('input').element.value).toBe('11.8')
  })

  it('wants a whole number where beans are counted', async () => {
    const field = mountApp(NumberField, { label: 'Quakers', whole: true })
    await field.find('input').setValue('2.5')
    expect(field.text()).toContain('“2.5” is not a whole number')
    await field.find('input').setValue('2')
    expect(field.emitted('update:modelValue')?.at(-1)).toEqual([2])
  })

  it('shows what the server refused, and follows a value set from outside', async () => {
    const field = mountApp(NumberField, {
      label: 'Weight',
      modelValue: 60,
      problem: 'Weight is 60 kg, allowed are',
    })
    expect(field.text()).toContain('Weight is 60 kg')
    await field.setProps({ modelValue: 72.5 })
    expect(field.find('input').element.value).toBe('72.5')
    await field.setProps({ modelValue: undefined })
    expect(field.find('input').element.value).toBe('')
  })
})

describe('PageState', () => {
  const slots = { default: 'the page', empty: 'nothing yet' }
  const state = (props: Record<string, unknown>) => {
    const wrapper = mountApp({
      components: { PageState },
      setup: () => ({ props, slots }),
      template: `<PageState v-bind="props"><template #empty>{{ slots.empty }}</template>{{ slots.default }}</PageState>`,
    })
    return wrapper
  }

  it('stands for loading, empty and there', () => {
    expect(state({ loading: true, there: false }).text()).toBe('Loading…')
    expect(state({ loading: false, there: true, empty: true }).text()).toBe('nothing yet')
    expect(state({ loading: true, there: true }).text()).toBe('the page')
  })

  it('keeps what is there under a failure', () => {
    const failed = state({ loading: false, there: true, failure: failureOf({ detail: 'It broke.' }, 500) })
    expect(failed.text()).toContain('It broke.')
    expect(failed.text()).toContain('the page')
    expect(failed.find('[role=alert]').exists()).toBe(true)
  })
})

describe('Workline', () => {
  const wide = (matches: boolean) =>
    vi.stubGlobal('matchMedia', () => ({ matches, addEventListener() {}, removeEventListener() {} }))

  it('shows every station in working order with what waits there', async () => {
    wide(true)
    const line = mountApp(Workline, { waiting: { green: 1, trace: 6 } })
    await nextTick()
    const stations = line.findAll('a').map((a) => a.text().replace(/\s+/g, ' ').replace(' ,', ','))
    expect(stations).toEqual([
      'Green 1, 1 waiting',
      'Plan, nothing waits',
      'Roast, nothing waits',
      'Sample, nothing waits',
      'Rest, nothing waits',
      'Cupping, nothing waits',
      'Trace 6, 6 waiting',
      'Decision, nothing waits',
    ])
  })

  it('folds to one button on a narrow screen', async () => {
    wide(false)
    const line = mountApp(Workline, { waiting: {} })
    await nextTick()
    expect(line.findAll('a')).toHaveLength(0)
    expect(line.find('button').text()).toBe('Stations')
  })
})

it('gives each source a shape of its own', () => {
  const shapes = (['cup', 'log', 'bench', 'green', 'time'] as const).map((source) =>
    mountApp(SourceShape, { source }).find('svg > *').html(),
  )
  expect(new Set(shapes).size).toBe(5)
})
