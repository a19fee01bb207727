import { describe, expect, it } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { mountApp, stubServer } from '@/shared/testMount'
import LinkCard from './LinkCard.vue'

describe('the link to a roaster', () => {
  const modbus = {
    kind: 'modbus',
    host: '10.0.0.9',
    port: 502,
    unitId: 1,
    table: 'input',
    pollMs: 500,
    registers: { bean: { address: 0, type: 'i16', scale: 0.1, offset: 0 } },
    speed: 1,
  }
  it('is tried, and says what it hears or what is wrong', async () => {
    let answered = true
    stubServer(() => ({
      body: answered
        ? {
            answered: true,
            text: 'The roaster answers, but look at this first:',
            doubts: ['Gas is at 600 %.'],
            beanC: 187.6,
            gasPct: 600,
          }
        : { answered: false, text: 'Nothing answers at 10.0.0.9, port 502.', doubts: [] },
    }))
    const card = mountApp(LinkCard, { modelValue: modbus, machineId: 1, problemAt: () => undefined })
    expect(card.text()).toContain('never commands a burner')
    const button = card.findAll('button').find((b) => b.text().includes('Test the connection'))!
    await button.trigger('click')
    await flushPromises()
    expect(card.text()).toContain('187.6 °C')
    expect(card.find('[aria-label="What can hardly be true"]').text()).toBe('Gas is at 600 %.')
    answered = false
    await button.trigger('click')
    await flushPromises()
    expect(card.text()).toContain('Nothing answers at 10.0.0.9')
    expect(card.text()).not.toContain('187.6 °C')
  })

  it('asks for the line when it is read over a serial one, and offers the ports there are', async () => {
    stubServer(() => ({
      body: {
        ports: [{ device: '/dev/ttyUSB0', says: 'USB serial' }],
        bauds: [9600, 19200],
        parities: ['even'],
      },
    }))
    const card = mountApp(LinkCard, { modelValue: modbus, machineId: 1, problemAt: () => undefined })
    card.findComponent({ name: 'VSelect' }).vm.$emit('update:modelValue', 'modbus-rtu')
    await flushPromises()
    const sent = card.emitted('update:modelValue')?.at(-1)?.[0]
    expect(sent).toMatchObject({ kind: 'modbus-rtu', line: { baud: 19200, parity: 'even', stopBits: 1 } })
    await card.setProps({ modelValue: sent })
    await flushPromises()
    expect(card.findComponent({ name: 'VCombobox' }).props('modelValue')).toBe('/dev/ttyUSB0')
  })

  it('keeps what its probes may read, in the unit that is shown, and its codes for no value', async () => {
    const card = mountApp(LinkCard, {
      modelValue: {
        ...modbus,
        bean: { lowC: 5, highC: 300 },
        environment: { lowC: -20, highC: 400 },
        noValues: ['FFFF'],
      },
      machineId: 1,
      problemAt: () => undefined,
    })
    await card.find('summary').trigger('click')
    const field = (label: string) =>
      card.findAllComponents({ name: 'NumberField' }).find((c) => c.props('label') === label)!
    expect(field('Bean to').props('modelValue')).toBe(300)
    expect(field('Environment to').props('modelValue')).toBe(400)
    field('Bean to').vm.$emit('update:modelValue', 280)
    await flushPromises()
    const sent = () => card.emitted('update:modelValue')?.at(-1)?.[0]
    expect(sent()).toMatchObject({ bean: { lowC: 5, highC: 280 } })
    card
      .findAllComponents({ name: 'VSelect' })
      .find((c) => c.classes('type'))!
      .vm.$emit('update:modelValue', 'f32 low first')
    await flushPromises()
    expect(sent()).toMatchObject({ registers: { bean: { type: 'f32', lowFirst: true } } })
    card
      .findAllComponents({ name: 'VTextField' })
      .find((c) => String(c.props('label')).startsWith('Codes'))!
      .vm.$emit('update:modelValue', 'ffff, 8001')
    await flushPromises()
    expect(sent()).toMatchObject({ noValues: ['FFFF', '8001'] })
  })
})
