/** The six sources of evidence; each has one colour and one shape, the same everywhere. */
export type Source = 'cup' | 'log' | 'bench' | 'green' | 'time' | 'table'
