import type { Schemas } from '@/shared/api/client'

export type Content = Schemas['Inspection']
export type Defect = Schemas['DefectView']

/** One key a bean: the upper row for category 1, the middle row for category 2. */
export const DEFECT_KEYS: Record<string, string> = {
  'full-black': 'q',
  'full-sour': 'w',
  'dried-cherry': 'e',
  fungus: 'r',
  'foreign-matter': 't',
  'severe-insect': 'y',
  'partial-black': 'a',
  'partial-sour': 's',
  parchment: 'd',
  floater: 'f',
  immature: 'g',
  withered: 'h',
  shell: 'j',
  broken: 'k',
  husk: 'l',
  'slight-insect': 'x',
}

/** Nothing measured yet. */
export const blank = (): Content => ({ sieves: {}, smells: [], storage: '', mouldOrTaint: false })

/** Content without the empty parts, as the server keeps it. */
export function tidy(content: Content): Content {
  const sieves = Object.fromEntries(Object.entries(content.sieves ?? {}).filter(([, g]) => g !== undefined))
  return {
    ...content,
    sieves,
    harvest: content.harvest || undefined,
    colour: content.colour || undefined,
  }
}

/** One bean more of a kind, or one fewer but never below none. */
export function counted(content: Content, code: string, by: 1 | -1): Record<string, number> {
  const defects = { ...content.defects }
  defects[code] = Math.max(0, (defects[code] ?? 0) + by)
  return defects
}
