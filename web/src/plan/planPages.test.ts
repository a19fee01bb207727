import { afterEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { nextTick, reactive } from 'vue'
import { mountApp, stubServer } from '@/shared/testMount'
import DropFields from './DropFields.vue'
import MoveDialog from './MoveDialog.vue'
import PlansPage from './PlansPage.vue'
import SchoolDialog from './SchoolDialog.vue'
import TargetsCard from './TargetsCard.vue'
import { copy, type Content, type Move } from './plan'

afterEach(() => {
  document.body.innerHTML = ''
  vi.unstubAllGlobals()
  localStorage.clear()
})

const content: Content = {
  schoolId: 'own',
  developmentFrom: 'first-crack',
  targets: { dropC: { value: 205, tolerance: 2.5 }, totalS: { value: 600, tolerance: 30 } },
  greenG: 120,
  chargeC: 190,
  atCharge: { gasPct: 80, airflowPct: 40, drumRpm: 60 },
  steps: [],
  drop: { by: 'bean-c', value: 205 },
}
const school = {
  id: 'own',
  name: 'Own',
  note: 'Ours',
  developmentFrom: 'first-crack' as const,
  targets: content.targets,
}

// a mounted component of any kind does not know its own model
const given = (card: { props: () => unknown }) => (card.props() as { modelValue: Content }).modelValue

describe('TargetsCard', () => {
  const mount = () => mountApp(TargetsCard, { modelValue: copy(content), schools: [school] })

  it('shows and takes a drop in °F, and keeps it in °C', async () => {
    localStorage.setItem('barrowmist.temperature', 'F')
    const card = mount()
    const drop = card.findAll('input').find((i) => i.element.value === '401')!
    expect(drop).toBeDefined()
    await drop.setValue('410')
    const kept = given(card)
    expect(kept.targets.dropC!.value).toBeCloseTo(210, 6)
  })

  it('takes a time as minutes and seconds and leaves one that is none', async () => {
    const card = mount()
    const total = card.findAll('input').find((i) => i.element.value === '10:00')!
    await total.setValue('9:30')
    await total.trigger('change')
    const kept = given(card)
    expect(kept.targets.totalS!.value).toBe(570)
    total.element.value = 'soon'
    await total.trigger('change')
    expect(kept.targets.totalS!.value).toBe(570)
  })

  it('adds a target where the server first aims it, and takes it out again', async () => {
    stubServer((_m, path) => ({
      body: path === '/api/roast-aims' ? [] : { developmentPct: { value: 20, tolerance: 2 } },
    }))
    const card = mount()
    await flushPromises()
    const tick = card
      .findAllComponents({ name: 'VCheckbox' })
      .find((c) => c.props('label') === 'Development')!
    tick.vm.$emit('update:modelValue', true)
    expect(given(card).targets.developmentPct).toEqual({ value: 20, tolerance: 2 })
    tick.vm.$emit('update:modelValue', false)
    expect(given(card).targets.developmentPct).toBeUndefined()
  })

  it('asks the server what ends a roast of these targets, and keeps the old end when it is away', async () => {
    const sent = stubServer((_method, path) =>
      path === '/api/plans/drop'
        ? { body: { by: 'total-s', value: 570 } }
        : { body: path === '/api/roast-aims' ? [] : {} },
    )
    const card = mount()
    const select = card.findAllComponents({ name: 'VSelect' }).find((s) => s.props('label') === 'Drop by')!
    select.vm.$emit('update:modelValue', 'total-s')
    await flushPromises()
    expect(sent.at(-1)!.body).toMatchObject({ by: 'total-s', targets: content.targets })
    expect(given(card).drop).toEqual({ by: 'total-s', value: 570 })
    stubServer(() => ({ status: 503, body: { message: 'away' } }))
    select.vm.$emit('update:modelValue', 'bean-c')
    await flushPromises()
    expect(given(card).drop).toEqual({ by: 'total-s', value: 570 })
    expect(card.text()).toContain('503')
  })
})

describe('two things that end a roast', () => {
  it('are the first or the last, and one again when the second is taken away', async () => {
    stubServer((_method, path) =>
      path === '/api/plans/drop'
        ? { body: { by: 'development-pct', value: 16 } }
        : { body: path === '/api/roast-aims' ? [] : {} },
    )
    const plan = reactive({ ...copy(content), drop: { by: 'bean-c', value: 208 } } as Content)
    const card = mountApp(DropFields, { modelValue: plan })
    const drop = () => plan.drop
    const choose = async (label: string, to: string) => {
      card
        .findAllComponents({ name: 'VSelect' })
        .find((s) => s.props('label') === label)!
        .vm.$emit('update:modelValue', to)
      await flushPromises()
    }
    await choose('What decides', 'first')
    expect(drop()).toEqual({
      by: 'bean-c',
      value: 208,
      other: { last: false, by: 'development-pct', value: 16 },
    })
    await choose('What decides', 'last')
    expect(drop().other?.last).toBe(true)
    const second = card.findAllComponents({ name: 'VSelect' }).find((s) => s.props('label') === 'and by')!
    expect((second.props('items') as { value: string }[]).map((i) => i.value)).not.toContain('bean-c')
    await choose('What decides', 'alone')
    expect(drop()).toEqual({ by: 'bean-c', value: 208 })
  })
})

describe('MoveDialog', () => {
  async function put(move: Move, change: () => void = () => {}) {
    const dialog = mountApp(MoveDialog, { move })
    await flushPromises()
    change()
    await nextTick()
    document.querySelector<HTMLFormElement>('form')!.requestSubmit()
    await nextTick()
    return dialog.emitted('put')?.at(-1)?.[0]
  }

  it('gives a move back as it was', async () => {
    const move: Move = { when: { kind: 'time', timeS: 270 }, control: 'gas', value: 60 }
    expect(await put(move)).toEqual(move)
  })

  it('takes a bean temperature in °F', async () => {
    localStorage.setItem('barrowmist.temperature', 'F')
    const move: Move = { when: { kind: 'bean', beanC: 180 }, control: 'air', value: 50 }
    const given = (await put(move)) as Move
    expect(given.when.beanC).toBeCloseTo(180, 6)
  })

  it('puts nothing in that it cannot read', async () => {
    const move: Move = { when: { kind: 'time', timeS: 270 }, control: 'gas', value: 60 }
    const given = await put(move, () => {
      const field = [...document.querySelectorAll('input')].find((i) => i.value === '4:30')!
      field.value = 'later'
      field.dispatchEvent(new Event('input', { bubbles: true }))
    })
    expect(given).toBeUndefined()
    expect(document.body.textContent).toContain('such as 4:30')
  })
})

describe('SchoolDialog', () => {
  it('keeps the targets of a plan under a new name beside the others', async () => {
    const sent = stubServer(() => ({ body: { schools: [] } }))
    const dialog = mountApp(SchoolDialog, { modelValue: false, content, schools: [school] })
    await dialog.setProps({ modelValue: true })
    await flushPromises()
    const name = document.querySelector<HTMLInputElement>('form input')!
    name.value = 'House light'
    name.dispatchEvent(new Event('input', { bubbles: true }))
    await nextTick()
    document.querySelector<HTMLFormElement>('form')!.requestSubmit()
    await flushPromises()
    const body = sent.at(-1)!.body as { schools: { id: string; name: string }[] }
    expect(body.schools.map((s) => s.id)).toEqual(['own', 'house-light'])
    expect(dialog.emitted('kept')).toEqual([['house-light']])
  })
})

describe('PlansPage', () => {
  it('says what to do in a lab without plans', async () => {
    stubServer((_m, path) => ({ body: path === '/api/schools' ? { schools: [] } : [] }))
    const page = mountApp(PlansPage)
    await flushPromises()
    expect(page.text()).toContain('No plan yet')
  })
})
