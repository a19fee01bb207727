/** How far a finding is borne out, in words for a person. */
export const STANDINGS: Record<string, string> = {
  supported: 'supported',
  'to-watch': 'to watch for',
  unexplained: 'unexplained by the log',
}

/** The same, said in full under a cause. */
export const STANDING_SENTENCES: Record<string, string> = {
  supported: 'cup and log agree',
  'to-watch': 'the log shows it, the cup does not',
  unexplained: 'the cup says it, the log does not',
}
