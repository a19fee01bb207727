/** Events that a person can mark, in the order in which they come. */
export const MARKABLE = [
  'charge',
  'turning_point',
  'dry_end',
  'first_crack',
  'first_crack_end',
  'second_crack',
  'drop',
] as const

/** What stands along the top of a chart: an event, or at the desk also a pull. */
export interface Marked {
  kind: string
  timeS: number
  movedFromS?: number
}

/** An event's name in running text. */
export const eventLabel = (kind: string) => kind.replaceAll('_', ' ')
