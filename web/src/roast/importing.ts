import { answer, api, type Answer, type Failure, type Schemas } from '@/shared/api/client'

/** Largest log that the server takes, bytes; a larger one is not sent at all. */
export const MAX_BYTES = 5 * 1024 * 1024

/** What a person decided about a log. */
export interface ImportChoice {
  /** The lot that was roasted; left out, the log's own notes name it. */
  lotId?: number
  machineId?: number
  /** Which sample of the lot was roasted; the arrival sample when left out. */
  stage?: string
  greenG?: number
  roastedG?: number
  map: string[]
  celsius?: string
  /** When it was roasted, as an ISO moment; left out, the log says it. */
  roastedAt?: string
  /** When the file was last written, as an ISO moment; for a log that does not say when it was roasted. */
  fileAt?: string
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

/** Why a log is too large to be sent at all. */
export function tooLarge(log: Blob): Failure | undefined {
  if (log.size <= MAX_BYTES) {
    return undefined
  }
  const message = `The file has ${megabytes(log.size)}: a roast log has at most ${megabytes(MAX_BYTES)}.`
  return { status: 0, message, problems: [], details: {} }
}

/** Sends a log as it stands; the bytes are not touched here. */
export function importLog(log: Blob, choice: ImportChoice): Promise<Answer<Schemas['RoastView']>> {
  const { lotId, ...query } = { ...choice, map: choice.map.length ? choice.map : undefined }
  const sent = {
    body: log as unknown as string,
    bodySerializer: (body: string) => body as unknown as Blob,
    headers: { 'Content-Type': 'text/csv' },
  }
  return answer(
    lotId
      ? api.POST('/api/lots/{lotId}/roasts', { params: { path: { lotId }, query }, ...sent })
      : api.POST('/api/roasts', { params: { query }, ...sent }),
  )
}

/** Size for a person, such as 60.0 MB. */
export const megabytes = (bytes: number) => `${(bytes / 1048576).toFixed(1)} MB`
