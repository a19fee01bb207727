import type { Schemas } from '@/shared/api/client'

export type Day = Schemas['DayView']
export type Slot = Schemas['SlotView']
export type DayContent = Schemas['DayContent']

/** HH:mm of a clock time or a moment of the shop. */
export const hourMinute = (iso: string) => /(\d{2}:\d{2})/.exec(iso.slice(iso.indexOf('T') + 1))?.[1] ?? ''

const minutes = (iso: string) => {
  const [h, m] = hourMinute(iso).split(':').map(Number)
  return (h ?? 0) * 60 + (m ?? 0)
}

/** A block of the day’s strip: where it begins and how long it is, as shares of the whole. */
export interface Block {
  key: string
  kind: 'warm-up' | 'roast' | 'natural'
  name: string
  /** Place in the order, where it is a roast. */
  number?: number
  left: number
  width: number
}

/** The day as a strip from the lighting of the drum to the last drop. */
export function strip(day: Day): { blocks: Block[]; hours: { at: string; left: number }[] } {
  const from = minutes(day.content.lit)
  const last = day.slots[day.slots.length - 1]
  const to = last ? Math.max(from + 1, minutes(last.dropAt)) : from + day.warmUpS / 60 + 1
  const share = (m: number) => (m - from) / (to - from)
  const blocks: Block[] = [
    { key: 'warm-up', kind: 'warm-up', name: 'warm-up', left: 0, width: share(from + day.warmUpS / 60) },
    ...(day.warmUpBatchAt && day.warmUpBatchDropAt
      ? [
          {
            key: 'warm-up-batch',
            kind: 'warm-up' as const,
            name: 'warm-up batch',
            left: share(minutes(day.warmUpBatchAt)),
            width: share(minutes(day.warmUpBatchDropAt)) - share(minutes(day.warmUpBatchAt)),
          },
        ]
      : []),
    ...day.slots.map((s, index) => ({
      key: String(s.planId),
      kind: s.process === 'natural' ? ('natural' as const) : ('roast' as const),
      name: s.lotName,
      number: index + 1,
      left: share(minutes(s.chargeAt)),
      width: share(minutes(s.chargeAt) + s.roastS / 60) - share(minutes(s.chargeAt)),
    })),
  ]
  const hours = []
  for (let m = Math.ceil(from / 30) * 30; m <= to; m += 30) {
    hours.push({
      at: `${String(Math.floor(m / 60)).padStart(2, '0')}:${String(m % 60).padStart(2, '0')}`,
      left: share(m),
    })
  }
  return { blocks, hours }
}
