/** What was typed and has not reached the server, in this browser: it is found again after leaving, reload or a crash. */
export interface Draft<C> {
  /** The version that it was made from. */
  version: number
  content: C
  /** What was on its way to the server when it was written: it may have got there. */
  sent?: C
}

/** Whether two contents say the same, whatever the order of their fields; a field left out and one of null are one. */
export const same = (a: unknown, b: unknown) => canonical(a) === canonical(b)
const canonical = (content: unknown) =>
  JSON.stringify(content, (_, v: unknown) =>
    v && typeof v === 'object' && !Array.isArray(v)
      ? Object.fromEntries(
          Object.entries(v)
            .filter(([, x]) => x !== null && x !== undefined)
            .sort(([k], [l]) => (k < l ? -1 : 1)),
        )
      : v,
  )

const name = (key: string) => `barrowmist.draft.${key}`

export function readDraft<C>(key: string): Draft<C> | undefined {
  const text = localStorage.getItem(name(key))
  if (!text) {
    return undefined
  }
  try {
    return JSON.parse(text) as Draft<C>
  } catch {
    dropDraft(key)
    return undefined
  }
}

export function writeDraft<C>(key: string, draft: Draft<C>) {
  localStorage.setItem(name(key), JSON.stringify(draft))
}

export function dropDraft(key: string) {
  localStorage.removeItem(name(key))
}
