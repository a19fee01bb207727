/** A moment for a field of day and time, such as 2026-03-02T09:30, by the clock of this device. */
export function localTime(moment: string | Date): string {
  const at = new Date(moment)
  const two = (n: number) => String(n).padStart(2, '0')
  const day = `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`
  return `${day}T${two(at.getHours())}:${two(at.getMinutes())}`
}

/** And back: an ISO moment; undefined for a field that is empty or half typed. */
export function momentOf(local: string | undefined): string | undefined {
  const at = new Date(local ?? '')
  return Number.isNaN(at.getTime()) ? undefined : at.toISOString()
}
