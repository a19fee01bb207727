import { hasInjectionContext, inject, provide, toValue, type InjectionKey, type MaybeRefOrGetter } from 'vue'

/** Names what a page keeps, for the fields on it. */
const PAGE: InjectionKey<() => string> = Symbol('page')

/** Texts that are no number are kept under this name until they are mended, as long as the window is open. */
export function provideSlips(key: MaybeRefOrGetter<string>) {
  if (hasInjectionContext()) {
    provide(PAGE, () => toValue(key))
  }
}

/** The text of one field that is no number, over leaving the page and coming back. */
export function useSlip(field: string) {
  const page = inject(PAGE, undefined)
  const name = () => `slip.${page?.()}.${field}`
  return {
    kept: !!page,
    read: () => (page && sessionStorage.getItem(name())) ?? undefined,
    keep(text: string | undefined) {
      if (page && text) {
        sessionStorage.setItem(name(), text)
      } else if (page) {
        sessionStorage.removeItem(name())
      }
    },
  }
}
