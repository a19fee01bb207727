import { answer, api, type Answer, type Schemas } from '@/shared/api/client'

/** Largest log that the server takes, bytes; a larger one is not sent at all. */
export const MAX_BYTES = 5 * 1024 * 1024

/** What a person decided about a log. */
export interface ImportChoice {
  lotId: number
  machineId?: number
  /** Which sample of the lot was roasted; the arrival sample when left out. */
  stage?: string
  greenG?: number
  roastedG?: number
  map: string[]
  celsius?: string
  again: boolean
}

/** Why a log was not kept, as the server names it. */
export interface Mapping {
  headings: string[]
  unknown: string[]
  firstRows: string[][]
  known: string[]
}

/** Reads the mapping question out of a refusal. */
export function mappingOf(details: Record<string, unknown>): Mapping | undefined {
  return details.reason === 'unknown-headings' ? (details as unknown as Mapping) : undefined
}

/** Sends a log as it stands; the bytes are not touched here. */
export function importLog(log: Blob, choice: ImportChoice): Promise<Answer<Schemas['RoastView']>> {
  return answer(
    api.POST('/api/lots/{lotId}/roasts', {
      params: {
        path: { lotId: choice.lotId },
        query: {
          machineId: choice.machineId,
          stage: choice.stage,
          greenG: choice.greenG,
          roastedG: choice.roastedG,
          map: choice.map.length ? choice.map : undefined,
          celsius: choice.celsius,
          again: choice.again,
        },
      },
      body: log as unknown as string,
      bodySerializer: (body) => body as unknown as Blob,
      headers: { 'Content-Type': 'text/csv' },
    }),
  )
}

/** Size for a person, such as 60.0 MB. */
export const megabytes = (bytes: number) => `${(bytes / 1048576).toFixed(1)} MB`
