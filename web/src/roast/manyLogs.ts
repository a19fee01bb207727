import { defineStore } from 'pinia'
import { computed, ref, shallowReactive, shallowRef } from 'vue'
import type { Failure } from '@/shared/api/client'
import { importLog, mappingOf, tooLarge, type ImportChoice, type Mapping } from './importing'

/** What became of a log; `there` was kept at an earlier time. */
export type Fate = 'waiting' | 'kept' | 'there' | 'refused'

/** One log of many. */
export interface OneOfMany {
  file: File
  /** With its folder, when a folder was chosen. */
  name: string
  choice: ImportChoice
  fate: Fate
  failure?: Failure
  roastId?: number
}

/** Something that can be answered once for all logs that ask it. */
export interface Question {
  kind: 'headings' | 'unit'
  mapping?: Mapping
  logs: OneOfMany[]
}

const UNREADABLE: Failure = {
  status: 0,
  message: 'The file cannot be read any more: it was moved, changed or removed.',
  problems: [],
  details: {},
}

/** Pauses before an unreachable server is tried again, s; the last one from then on. */
const PAUSES_S = [1, 2, 5]

/**
 * Imports many logs, one after the other, so that their numbers in the lot follow their names. It goes on while other
 * pages are looked at; an unreachable server is waited for.
 */
export const useManyLogs = defineStore('many-logs', () => {
  const logs = shallowRef<OneOfMany[]>([])
  const running = ref(false)
  const offline = ref(false)
  const secondsEach = ref(0)
  let stopped = false

  const count = (fate: Fate) => computed(() => logs.value.filter((l) => l.fate === fate).length)
  const waiting = count('waiting')
  const kept = count('kept')
  const there = count('there')
  const refused = computed(() => logs.value.filter((l) => l.fate === 'refused'))

  const questions = computed(() => {
    const asked = new Map<string, Question>()
    for (const log of refused.value) {
      const mapping = log.failure && mappingOf(log.failure.details)
      const unit = log.failure?.details.reason === 'asks-unit'
      if (mapping || unit) {
        const key = mapping ? mapping.headings.join('\n') : 'unit'
        const question = asked.get(key) ?? { kind: mapping ? 'headings' : 'unit', mapping, logs: [] }
        question.logs.push(log)
        asked.set(key, question)
      }
    }
    return [...asked.values()]
  })

  function start(files: File[], choice: ImportChoice) {
    logs.value = files
      .map((file) => ({ file, name: pathOf(file), choice, fate: 'waiting' as Fate }))
      .sort((a, b) => a.name.localeCompare(b.name, 'en', { numeric: true }))
      .map((log) => shallowReactive<OneOfMany>(log))
    return goOn()
  }

  async function goOn() {
    if (running.value) {
      return
    }
    running.value = true
    stopped = false
    globalThis.addEventListener('beforeunload', stay)
    const began = performance.now()
    let done = 0
    for (let next = firstWaiting(); next && !stopped; next = firstWaiting()) {
      await take(next)
      secondsEach.value = (performance.now() - began) / 1000 / ++done
    }
    globalThis.removeEventListener('beforeunload', stay)
    running.value = false
    offline.value = false
  }

  const firstWaiting = () => logs.value.find((l) => l.fate === 'waiting')

  async function take(log: OneOfMany) {
    const body = await bytesOf(log.file)
    log.failure = body instanceof Blob ? tooLarge(body) : body
    if (log.failure || !(body instanceof Blob)) {
      log.fate = 'refused'
      return
    }
    for (let attempt = 0; !stopped; attempt++) {
      const choice = { ...log.choice, fileAt: new Date(log.file.lastModified).toISOString() }
      const { data, failure } = await importLog(body, choice)
      offline.value = failure?.status === 0
      if (!offline.value) {
        log.failure = failure
        log.roastId = data?.id ?? (failure?.details.roastId as number | undefined)
        log.fate = data ? 'kept' : failure?.status === 409 ? 'there' : 'refused'
        return
      }
      await new Promise((go) => setTimeout(go, 1000 * PAUSES_S[Math.min(attempt, PAUSES_S.length - 1)]!))
    }
  }

  function stop() {
    stopped = true
  }

  /** Takes refused logs again with what a person answered. */
  function answerFor(question: Question, given: Pick<ImportChoice, 'map'> | Pick<ImportChoice, 'celsius'>) {
    for (const log of question.logs) {
      log.choice = { ...log.choice, ...given }
      log.fate = 'waiting'
      log.failure = undefined
    }
    return goOn()
  }

  function clear() {
    stop()
    logs.value = []
  }

  return {
    logs,
    running,
    offline,
    secondsEach,
    waiting,
    kept,
    there,
    refused,
    questions,
    start,
    goOn,
    stop,
    answerFor,
    clear,
  }
})

/** Closing the window would end the import, whatever page it shows: the browser asks first. */
const stay = (event: BeforeUnloadEvent) => event.preventDefault()

/** The bytes while they are there: a file that is gone must not look like a network that is gone. */
async function bytesOf(file: File): Promise<Blob | Failure> {
  try {
    return new Blob([await file.arrayBuffer()])
  } catch {
    return UNREADABLE
  }
}

const pathOf = (file: File) =>
  ((file as { path?: string }).path ?? (file.webkitRelativePath || file.name)).replace(/^\.?\//, '')

/** What is wrong with a log, in a line. */
export function reasonOf(log: OneOfMany): string {
  const [first, ...more] = log.failure?.problems ?? []
  if (!first) {
    return log.failure?.message ?? ''
  }
  const where = first.line ? `line ${first.line}: ` : ''
  return where + first.message + (more.length ? ` (and ${more.length} more)` : '')
}

/** The report as CSV: a row for each log, and for a refused one a row for each problem. */
export function reportOf(logs: OneOfMany[]): string {
  const rows = logs.flatMap((log) => {
    const problems = log.failure?.problems.length ? log.failure.problems : [undefined]
    return log.fate === 'refused'
      ? problems.map((p) => [log.name, 'refused', p?.line || '', p?.message ?? log.failure?.message ?? ''])
      : [[log.name, log.fate === 'there' ? 'there already' : log.fate, '', '']]
  })
  return [['file', 'result', 'line', 'what is wrong'], ...rows].map((r) => r.map(cell).join(',')).join('\r\n')
}

/** A cell in quotes; a leading sign that a spreadsheet takes for a formula gets an apostrophe. */
const cell = (value: string | number) =>
  `"${String(value)
    .replace(/^[=+\-@]/, "'$&")
    .replaceAll('"', '""')}"`
