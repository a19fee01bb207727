import type { Schemas } from '@/shared/api/client'
import { percent } from './odds'

type ProofView = Schemas['ProofView']

/** What came of a change, in two words. */
export const OUTCOMES: Record<NonNullable<ProofView['outcome']>, string> = {
  held: 'held',
  'not-shown': 'not shown',
  worse: 'worse',
}

/** How sure a table makes one of a change. */
export function howSure(proof: ProofView): string {
  if (proof.certainty === undefined) {
    return ''
  }
  return {
    held: `${percent(proof.certainty)} that it helped`,
    'not-shown': `${percent(proof.certainty)} that it helped: too little to tell`,
    worse: `${percent(proof.certainty)} that it did harm`,
  }[proof.outcome ?? 'not-shown']
}

/** The difference of two scores, such as +1.25 or −0.50. */
export function scoreChange(by: number): string {
  return `${by < 0 ? '−' : '+'}${Math.abs(by).toFixed(2)}`
}
