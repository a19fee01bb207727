import type { Directive } from 'vue'

/**
 * Puts the cursor into a field as soon as it is drawn. A moment later it could take the cursor out of a field that somebody has
 * gone to since, and what is typed until then would be keys of the page.
 */
export const vFocus: Directive<HTMLElement> = {
  mounted: (field) => field.querySelector<HTMLElement>('input, textarea')?.focus(),
}
