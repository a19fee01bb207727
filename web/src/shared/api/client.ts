import createClient from 'openapi-fetch'
import type { components, paths } from './schema'

/** The types of the wire, generated from the server's contract. */
export type Schemas = components['schemas']

/** A value that was refused, and why. */
export interface FieldProblem {
  field?: string
  line?: number
  message: string
}

/** What went wrong, in words for a person. */
export interface Failure {
  status: number
  message: string
  problems: FieldProblem[]
  /** Whatever else the server said, for the page that asked. */
  details: Record<string, unknown>
}

/** An answer is either data or a failure. */
export type Answer<T> = { data: T; failure?: undefined } | { data?: undefined; failure: Failure }

export const api = createClient<paths>({
  baseUrl: globalThis.location?.origin ?? '',
  // looked up at each call, so that a test can stand in for the server
  fetch: (request) => globalThis.fetch(request),
})

/** Proves to the server that it is this page that asks, and no other site with this browser's cookie. */
export function proof(): Record<string, string> {
  const value = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1]
  return value ? { 'X-XSRF-TOKEN': decodeURIComponent(value) } : {}
}

let bearer: string | undefined
let signedOut = () => {}
/** What is done when the server asks who this is. */
export function whenSignedOut(then: () => void) {
  signedOut = then
}
// what a device that joined a table asks, it asks with that table's token and nothing else
api.use({
  onRequest({ request }) {
    if (bearer) {
      request.headers.set('Authorization', `Bearer ${bearer}`)
    } else if (request.method !== 'GET') {
      Object.entries(proof()).forEach(([name, value]) => request.headers.set(name, value))
    }
  },
  onResponse({ response }) {
    if (response.status === 401 && !bearer) {
      signedOut()
    }
  },
})
/** The same for what is fetched otherwise. */
export const authorization = (): Record<string, string> =>
  bearer ? { Authorization: `Bearer ${bearer}` } : {}
/** From now on every call is made with this token; with none as the open lab's. */
export function askWith(token: string | undefined) {
  bearer = token
}

/** Whether this page is a seat at a table: it may ask for that table alone. */
export const isSeat = () => bearer !== undefined

const UNREACHABLE: Failure = {
  status: 0,
  message: 'The Barrowmist server does not answer. Nothing typed here is lost; try again when it runs.',
  problems: [],
  details: {},
}

/** Waits for a call and turns every way of failing into a {@link Failure}. */
export async function answer<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<Answer<T>> {
  try {
    const { data, error, response } = await call
    return response.ok ? { data: data as T } : { failure: failureOf(error, response.status) }
  } catch {
    return { failure: UNREACHABLE }
  }
}

/** Reads a problem document; anything else becomes a plain sentence. */
export function failureOf(body: unknown, status: number): Failure {
  const problem = (typeof body === 'object' && body !== null ? body : {}) as Record<string, unknown>
  const detail = typeof problem.detail === 'string' ? problem.detail : undefined
  return {
    status,
    message: detail ?? `The server answered with status ${status}.`,
    problems: Array.isArray(problem.problems) ? (problem.problems as FieldProblem[]) : [],
    details: problem,
  }
}

/** The problem of one field, for showing at it. */
export function problemAt(failure: Failure | undefined, field: string): string | undefined {
  return failure?.problems.find((p) => p.field === field)?.message
}
