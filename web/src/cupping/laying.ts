/** What may be chosen when a table is laid. */
export const KINDS = [
  { title: 'score them', value: 'scoring' },
  { title: 'out, again or through: a line each', value: 'triage' },
  { title: 'is there a difference?', value: 'triangle' },
  { title: 'which is liked best?', value: 'roast-off' },
]
export const FORMS = [
  { title: '100-point form', value: 'hundred-point' },
  { title: 'value assessment', value: 'value-assessment' },
]
export const BLIND = [
  { title: 'everybody', value: 'open' },
  { title: 'who prepares', value: 'coded' },
  { title: 'nobody: the cups are shuffled', value: 'underside' },
]
