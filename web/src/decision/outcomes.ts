/** What may be decided on a lot, as a person says it. */
export const OUTCOMES = [
  { value: 'buy', title: 'buy it' },
  { value: 'reject', title: 'reject it' },
  { value: 'claim', title: 'claim' },
  { value: 'roast-again', title: 'roast it again' },
  { value: 'hold', title: 'hold it' },
  { value: 'undecided', title: 'not decided' },
]
