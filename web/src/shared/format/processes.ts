/** How a green was processed, as the server names it. */
export const PROCESSES = ['washed', 'natural', 'honey', 'wet-hulled', 'other'] as const
export type Process = (typeof PROCESSES)[number]
