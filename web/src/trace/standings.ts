/** How far a finding is borne out, in words for a person. */
export const STANDINGS: Record<string, string> = {
  supported: 'supported',
  'to-watch': 'to watch for',
  unexplained: 'not borne out yet',
  unlikely: 'unlikely',
}

/** The same, said in full under a cause. */
export const STANDING_SENTENCES: Record<string, string> = {
  supported: 'the cup says it, and something else bears it out',
  'to-watch': 'something shows it, the cup does not',
  unexplained: 'the cup says it, nothing else does yet',
  unlikely: 'the odds are against it',
}
