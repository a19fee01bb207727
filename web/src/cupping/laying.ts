import type { Schemas } from '@/shared/api/client'
import { choicesOf, labelOf, type Code, wordsOf } from '@/shared/format/words'

/** What may be chosen when a table is laid. */
export const KINDS = choicesOf('TableKind')
/** A triage has its own. */
export const FORMS = wordsOf('CuppingForm').filter((f) => f.value !== 'triage')
export const BLIND = choicesOf('Blindness')
export const CHOICES = choicesOf('Choice')
export const SERVINGS = choicesOf('DrinkServing')
/** How a table is drunk, where it is not black. */
export const served = (serving: Code<'DrinkServing'> | undefined) =>
  serving && serving !== 'black' ? labelOf('DrinkServing', serving) : undefined

/** What was chosen to stand on a table. */
interface Chosen {
  chosen: number[]
  twice: number[]
  treated: Record<number, string>
  entrants: Record<number, string>
  outside: { name: string }[]
}
/** The samples of a table: each roast once or under two codes, once more treated, and coffees from outside. */
export function samplesOf(c: Chosen, may: { pairs: boolean; entries: boolean }) {
  const again = c.chosen.filter((id) => c.treated[id]?.trim())
  return [
    ...c.chosen.map((roastId) => ({
      roastId,
      times: may.pairs && c.twice.includes(roastId) ? 2 : 1,
      entrant: (may.entries && c.entrants[roastId]?.trim()) || undefined,
    })),
    ...again.map((roastId) => ({ roastId, times: 1, treatment: c.treated[roastId]!.trim() })),
    ...c.outside.map((o) => ({ outside: o, times: 1 })),
  ]
}

/** What being blind in this way asks of everybody. */
export function told(triangle: boolean, blind: Schemas['CuppingView']['blind']): string {
  if (triangle) {
    return blind === 'underside'
      ? 'Of each set two cups of either coffee are prepared and marked underneath, shuffled, and one is taken away unseen: nobody knows which coffee is there once until the cups are turned over.'
      : 'Who prepares sees in the key which coffee goes into which cup; everybody else tastes blind.'
  }
  return {
    underside:
      'Each bowl gets a mark underneath; shuffle them, and taste by place from the left. At the reveal the bowls are turned over.',
    coded:
      'Each sample gets a code of three digits. What stands under it, and what others gave, is told when the table is revealed.',
    open: 'Everybody sees what is in the cups.',
  }[blind]
}

type Preparation = Schemas['Preparation']
export interface PreparedField {
  field: Exclude<keyof Preparation, 'serving' | 'grind' | 'ratio'>
  label: string
  unit: string
  whole?: boolean
}
const DOSE: PreparedField = { field: 'doseG', label: 'Dose', unit: 'g' }
const WATER: PreparedField[] = [
  { field: 'waterMl', label: 'Water', unit: 'mL' },
  { field: 'waterC', label: 'As poured', unit: '°C' },
]
const SOLIDS: PreparedField = { field: 'tdsPpm', label: 'Solids in it', unit: 'ppm' }
const SIEVED: PreparedField = { field: 'throughPct', label: 'Ground: through 850 µm', unit: '%' }
/** What is asked of each way to drink it. */
export const PREPARED: Record<'black' | 'milk' | 'espresso', PreparedField[]> = {
  black: [DOSE, ...WATER, SOLIDS, SIEVED],
  milk: [DOSE, ...WATER, SOLIDS, SIEVED, { field: 'milkMl', label: 'Milk in a cup', unit: 'mL' }],
  espresso: [
    DOSE,
    { field: 'yieldG', label: 'In the cup', unit: 'g' },
    { field: 'shotS', label: 'Shot', unit: 's' },
    { field: 'preInfusionS', label: 'Of it pre-infusion', unit: 's' },
    { field: 'shots', label: 'Shots it took', unit: '', whole: true },
    { field: 'waterC', label: 'Water', unit: '°C' },
    SOLIDS,
  ],
}
/** When the house breaks and tastes, where that is not as published. */
export const TIMED: PreparedField[] = [
  { field: 'breakS', label: 'Break after', unit: 's' },
  { field: 'tasteC', label: 'Taste from', unit: '°C' },
  { field: 'tasteS', label: 'or taste after', unit: 's' },
]
