import { askWith } from '@/shared/api/client'

/** Where the token of a table is kept on the device that joined it. */
const key = (table: number) => `barrowmist.seat.${table}`

export function keepSeat(table: number, token: string) {
  localStorage.setItem(key(table), token)
}

/** Asks with the token of this table from now on; false when this device has none. */
export function takeSeat(table: number): boolean {
  const token = localStorage.getItem(key(table)) ?? undefined
  askWith(token)
  return token !== undefined
}

/** Gets up: what is asked next is asked without a token. */
export function leaveSeat() {
  askWith(undefined)
}

export function forgetSeat(table: number) {
  localStorage.removeItem(key(table))
  leaveSeat()
}
