import type { Schemas } from '@/shared/api/client'

type ProofView = Schemas['ProofView']

/** What came of a change, in two words. */
export const OUTCOMES: Record<NonNullable<ProofView['outcome']>, string> = {
  held: 'held',
  estimate: 'estimate',
  'not-shown': 'not shown',
  worse: 'worse',
}

/** The difference of two scores, such as +1.25 or −0.50. */
export function scoreChange(by: number): string {
  return `${by < 0 ? '−' : '+'}${Math.abs(by).toFixed(2)}`
}
