import { defineComponent, h, withDirectives } from 'vue'
import { VTextarea, VTextField } from 'vuetify/components'
import { describe, expect, it } from 'vitest'
import { mountApp } from '@/shared/testMount'
import { vFocus } from './vFocus'

describe('the cursor of a form', () => {
  it.each([
    ['a line', VTextField],
    ['a text of more lines', VTextarea],
  ])('is in %s as soon as it is drawn, and stays where somebody puts it', async (_what, kind) => {
    const form = mountApp(
      defineComponent(() => () => [h(VTextField), withDirectives(h(kind, { class: 'first' }), [[vFocus]])]),
    )
    const [before, first] = form.findAll<HTMLElement>('input, .first textarea').map((f) => f.element)
    expect(document.activeElement).toBe(first)
    before!.focus()
    await new Promise((later) => setTimeout(later, 120))
    expect(document.activeElement).toBe(before)
    form.unmount()
  })
})
