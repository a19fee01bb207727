import type { Schemas } from '@/shared/api/client'

export type Terms = Schemas['ContractTerms']

/** The points of a contract, as a person reads them. */
export const POINTS: {
  field: Exclude<keyof Terms, 'version'>
  label: string
  unit?: string
  whole?: boolean
}[] = [
  { field: 'scoreFloor', label: 'Score, at least' },
  { field: 'mostMoisturePct', label: 'Moisture, at most', unit: '%' },
  { field: 'mostCategory1', label: 'Full defects of category 1, at most', whole: true },
  { field: 'mostCategory2', label: 'Full defects of category 2, at most', whole: true },
  { field: 'mostBelowScreenPct', label: 'Below the screen, at most', unit: '%' },
  { field: 'daysToApprove', label: 'Approved within', unit: 'days', whole: true },
]

/** What of it was agreed, in words. */
export const agreed = (terms: Terms) =>
  POINTS.filter((p) => terms[p.field] !== undefined).map(
    (p) => `${p.label} ${terms[p.field]}${p.unit ? ` ${p.unit}` : ''}`,
  )
