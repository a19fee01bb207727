import { plural } from '@/shared/format/text'

const HOUR_MS = 3_600_000
const DAY_H = 24

/** How long until a moment, or since it, in the coarsest words that help. */
export function awayFrom(iso: string, nowMs: number): string {
  const hours = (Date.parse(iso) - nowMs) / HOUR_MS
  const away = Math.abs(hours)
  const text =
    away < 1
      ? plural(Math.max(1, Math.round(away * 60)), 'minute')
      : away < 2 * DAY_H
        ? `${Math.floor(away)} h ${Math.round((away % 1) * 60)} min`
        : plural(Math.round(away / DAY_H), 'day')
  return hours >= 0 ? `in ${text}` : `${text} ago`
}

export interface Timed {
  state: string
  opensAt: string
  bestAt: string
  closesAt: string
}

/** What happens next to a sample on the shelf. */
export function nextOf(item: Timed, nowMs: number): string {
  switch (item.state) {
    case 'resting':
      return `opens ${awayFrom(item.opensAt, nowMs)}`
    case 'open':
      return Date.parse(item.bestAt) > nowMs
        ? `open; best ${awayFrom(item.bestAt, nowMs)}`
        : `open; closes ${awayFrom(item.closesAt, nowMs)}`
    case 'best':
      return `closes ${awayFrom(item.closesAt, nowMs)}`
    default:
      return `closed ${awayFrom(item.closesAt, nowMs)}`
  }
}
