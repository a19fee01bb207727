import type { Schemas } from '@/shared/api/client'

type Sheet = Schemas['SheetView']

export const VERDICTS = [
  { verdict: 'out', title: 'Out', key: 'o' },
  { verdict: 'again', title: 'Look again', key: 'a' },
  { verdict: 'through', title: 'Through', key: 't' },
] as const
export type Verdict = (typeof VERDICTS)[number]['verdict']

/** Who said so of one sample. */
export const whoSaid = (sheets: readonly Sheet[], verdict: Verdict) =>
  sheets.filter((s) => s.verdict === verdict).map((s) => s.cupper || 'somebody')

/** Such as "2 through, 1 out". */
export function verdictCounts(sheets: readonly Sheet[]): string {
  return (
    [...VERDICTS]
      .reverse()
      .map((v) => ({ n: whoSaid(sheets, v.verdict).length, title: v.title.toLowerCase() }))
      .filter((v) => v.n)
      .map((v) => `${v.n} ${v.title}`)
      .join(', ') || 'not begun'
  )
}
