/** Roast time as m:ss, to the nearest second. */
export function clock(timeS: number): string {
  const s = Math.round(Math.abs(timeS))
  const sign = timeS < 0 && s > 0 ? '−' : ''
  return `${sign}${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`
}

/** Seconds from "83", "83.5" or "1:23"; undefined for anything else. */
export function parseClock(text: string): number | undefined {
  const minutes = /^\s*(\d{1,3}):([0-5]?\d(?:[.,]\d+)?)\s*$/.exec(text)
  if (minutes) {
    return Number(minutes[1]) * 60 + Number(minutes[2]!.replace(',', '.'))
  }
  return parseDecimal(text)
}

/** A number as people type it, comma or point; undefined when it is none. */
export function parseDecimal(text: string): number | undefined {
  const plain = text.trim().replace(',', '.')
  return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : undefined
}

const dateFormat = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
const momentFormat = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
})

/** A date of the calendar has no time zone: it is that day everywhere. An instant is a day of this computer. */
function dateOf(iso: string): Date {
  const [, year, month, date] = /^(\d{4})-(\d{2})-(\d{2})$/.exec(iso) ?? []
  return year ? new Date(Number(year), Number(month) - 1, Number(date)) : new Date(iso)
}

/** A day such as 3 Mar 2026, from an ISO date or instant. */
export const day = (iso: string) => dateFormat.format(dateOf(iso))

/** A moment such as 3 Mar, 09:10, in the time of this computer. */
export const moment = (iso: string) => momentFormat.format(new Date(iso))

/** A day of this computer as an ISO date, for a date field. */
export function isoDay(date: Date): string {
  const two = (n: number) => String(n).padStart(2, '0')
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`
}

/** One decimal with a true minus; what rounds to nothing has none. */
export const one = (value: number) =>
  value
    .toFixed(1)
    .replace(/^-0\.0$/, '0.0')
    .replace('-', '−')

/** A signed figure with a true minus, such as +2.1 or −0.3. */
export const signed = (value: number) => `${value < 0 ? '−' : '+'}${Math.abs(value).toFixed(1)}`

export const plural = (n: number, one: string, many = `${one}s`) => `${n} ${n === 1 ? one : many}`

/** The text with a capital first letter. */
export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

interface Named {
  number: number
  kind?: string
  totalS?: number
}

/** The number of a roast; a pull says when it was drawn, a warm-up that it is one. */
export function roastNumber(r: Named): string {
  if (r.kind === 'pull') {
    return r.totalS === undefined
      ? `roast ${r.number}, a pull`
      : `roast ${r.number}, pulled at ${clock(r.totalS)}`
  }
  return `roast ${r.number}${r.kind === 'warm-up' ? ', warm-up' : ''}`
}

/** What a roast is called everywhere: its lot and its number there. */
export const roastName = (r: Named & { lotName: string }) => `${r.lotName}, ${roastNumber(r)}`
