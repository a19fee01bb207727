/** Where a missing measurement is entered: a way straight to it. */
export function wayTo(station: string, roast: { id: number; lotId: number }): { to: string; label: string } {
  switch (station) {
    case 'sample':
      return { to: `/sample/${roast.id}`, label: 'To the bench' }
    case 'green':
      return { to: `/green/${roast.lotId}`, label: 'To the lot' }
    case 'rest':
      return { to: '/rest', label: 'To the shelf' }
    case 'plan':
      return { to: `/plan/new?lot=${roast.lotId}`, label: 'Plan it' }
    default:
      return { to: `/cupping?roast=${roast.id}`, label: 'To a table' }
  }
}

/** What is to be done where no change of the roast would mend it. */
export function elsewhere(cause: string, standing: string): string {
  if (standing === 'to-watch') {
    return 'Nothing: the cup does not show it.'
  }
  if (standing === 'unlikely') {
    return 'Nothing for this: the odds are against it.'
  }
  if (standing !== 'supported') {
    return 'Nothing yet: it is not borne out. Look next at what is missing.'
  }
  if (cause === 'quakers') {
    return 'Nothing in the roast: sort the quakers out of a sample and cup it beside an unsorted one.'
  }
  if (cause.startsWith('green-') || cause === 'past-crop') {
    return 'Nothing in the roast: it is in the green. Hold it against the contract and the other samples of the lot.'
  }
  return cause === 'uneven'
    ? 'Sort by screen, roast the sizes apart, and cup both.'
    : 'Nothing in the roast: cup it anew, well prepared and in time.'
}
