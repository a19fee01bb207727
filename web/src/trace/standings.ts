import type { Schemas } from '@/shared/api/client'

/** Whether the cup says what is found. */
export const said = (standing?: string) => standing === 'supported' || standing === 'unexplained'

/** The strongest finding of a roast in a list. */
export function found(t: Schemas['TraceRow']): string {
  if (t.judgeFirst) {
    return 'to be judged before the answer is shown'
  }
  if (!t.label || !said(t.standing)) {
    const cup = (t.sound ?? 1) < 0.5 ? 'off, and nothing known explains it' : 'nothing found'
    return t.label && t.standing === 'to-watch' ? `${cup}; ${t.label.toLowerCase()} to watch for` : cup
  }
  return t.chance ? `${t.label}: ${t.chance}` : t.label
}
