/** The difference of two scores, such as +1.25 or −0.50. */
export function scoreChange(by: number): string {
  return `${by < 0 ? '−' : '+'}${Math.abs(by).toFixed(2)}`
}
