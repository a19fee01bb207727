/** A station of the job: its word, its place on screen, and where its label stands on the hill line. */
export interface Station {
  word: string
  label: string
  path: string
  /** Distance of the label from the top, px: the line rises towards the trace. */
  height: number
}

/** In working order. */
export const STATIONS: Station[] = [
  { word: 'green', label: 'Green', path: '/green', height: 20 },
  { word: 'plan', label: 'Plan', path: '/plan', height: 18 },
  { word: 'roast', label: 'Roast', path: '/roast', height: 16 },
  { word: 'sample', label: 'Sample', path: '/sample', height: 11 },
  { word: 'rest', label: 'Rest', path: '/rest', height: 9 },
  { word: 'cupping', label: 'Cupping', path: '/cupping', height: 7 },
  { word: 'trace', label: 'Trace', path: '/trace', height: 7 },
  { word: 'decision', label: 'Decision', path: '/decision', height: 9 },
]
