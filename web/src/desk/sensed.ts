/** What a nose and an eye say of a roast: one key each, kept as a note with its time. */
export const SENSED = [
  'smells of hay',
  'smells of toast',
  'smells sweet',
  'smells sharp',
  'yellow',
  'cinnamon',
  'brown',
] as const
