import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { mountApp, stubServer, type Reply } from '@/shared/testMount'
import LogDrop from './LogDrop.vue'
import ManyLogs from './ManyLogs.vue'
import { reasonOf, reportOf, useManyLogs } from './manyLogs'

const choice = { lotId: 3, map: [], again: false }
const log = (name: string, text = name) => new File([text], name, { lastModified: 1750000000000 })
const problem = (line: number, message: string) => ({ line, message })

const KEPT: Reply = { status: 201, body: { id: 7 } }
const THERE: Reply = { status: 409, body: { detail: 'There.', roastId: 5 } }
const BROKEN: Reply = {
  status: 422,
  body: {
    detail: '2 problems',
    reason: 'problems',
    problems: [problem(4, 'no number'), problem(9, 'backwards')],
  },
}
const FAHRENHEIT: Reply = { status: 422, body: { detail: 'Are they °F?', reason: 'asks-unit', problems: [] } }
const HEADINGS: Reply = {
  status: 422,
  body: {
    detail: 'Headings',
    reason: 'unknown-headings',
    headings: ['time', 'BT'],
    unknown: ['BT'],
    firstRows: [['0', '190']],
    known: ['bean_c'],
  },
}

/** A server that answers a log by its text; an answered question is enough to keep it. */
const byText = (replies: Record<string, Reply>) =>
  stubServer((_, path, body) =>
    path.includes('celsius=') || path.includes('map=') ? KEPT : (replies[body as string] ?? KEPT),
  )

beforeEach(() => setActivePinia(createPinia()))
afterEach(() => {
  document.body.innerHTML = ''
  vi.unstubAllGlobals()
  vi.useRealTimers()
})

describe('many logs', () => {
  it('go in by the numbers in their names, each with the age of its file', async () => {
    const sent = byText({})
    const many = useManyLogs()
    await many.start([log('r10.csv'), log('r9.csv'), log('r1.csv')], choice)
    expect(sent.map((s) => s.body)).toEqual(['r1.csv', 'r9.csv', 'r10.csv'])
    expect(decodeURIComponent(sent[0]!.path)).toContain('fileAt=2025-06-15T15:06:40.000Z')
    expect(many.kept).toBe(3)
  })

  it('count what was kept, was there already and was refused', async () => {
    byText({ b: THERE, c: BROKEN })
    const many = useManyLogs()
    await many.start([log('a'), log('b'), log('c')], choice)
    expect([many.kept, many.there, many.refused.length, many.waiting]).toEqual([1, 1, 1, 0])
    expect(reasonOf(many.refused[0]!)).toBe('line 4: no number (and 1 more)')
  })

  it('ask a question once for all logs that raise it, and take them again with the answer', async () => {
    const sent = byText({ a: HEADINGS, b: HEADINGS, c: FAHRENHEIT })
    const many = useManyLogs()
    await many.start([log('a'), log('b'), log('c'), log('d')], choice)
    const [headings, unit] = many.questions
    expect(headings!.logs.map((l) => l.name)).toEqual(['a', 'b'])
    await many.answerFor(headings!, { map: ['BT:bean_c'] })
    await many.answerFor(unit!, { celsius: 'is-fahrenheit' })
    expect([many.kept, many.questions.length]).toEqual([4, 0])
    expect(sent.filter((s) => s.path.includes('map=BT%3Abean_c'))).toHaveLength(2)
    expect(sent.filter((s) => s.path.includes('celsius=is-fahrenheit'))).toHaveLength(1)
  })

  it('wait for a server that is away, and lose nothing', async () => {
    vi.useFakeTimers()
    let away = true
    const sent = stubServer(() => (away ? 'unreachable' : KEPT))
    const many = useManyLogs()
    const done = many.start([log('a'), log('b')], choice)
    await vi.advanceTimersByTimeAsync(1500)
    expect([many.offline, many.waiting]).toEqual([true, 2])
    away = false
    await vi.advanceTimersByTimeAsync(5000)
    await done
    expect([many.offline, many.kept]).toEqual([false, 2])
    expect(sent.length).toBeGreaterThan(2)
  })

  it('refuse a file that is gone or too large without asking the server', async () => {
    const sent = byText({})
    const gone = log('gone')
    gone.arrayBuffer = () => Promise.reject(new DOMException('gone', 'NotFoundError'))
    const many = useManyLogs()
    await many.start([gone, log('huge', 'x'.repeat(5 * 1024 * 1024 + 1))], choice)
    expect(many.refused.map(reasonOf)).toEqual([
      'The file cannot be read any more: it was moved, changed or removed.',
      'The file has 5.0 MB: a roast log has at most 5.0 MB.',
    ])
    expect(sent).toEqual([])
  })

  it('stop between two logs and go on with the rest', async () => {
    const many = useManyLogs()
    const closing = () => !window.dispatchEvent(new Event('beforeunload', { cancelable: true }))
    let asked = false
    stubServer(() => {
      asked = closing()
      many.stop()
      return KEPT
    })
    await many.start([log('a'), log('b')], choice)
    expect([many.running, many.kept, many.waiting]).toEqual([false, 1, 1])
    expect([asked, closing()]).toEqual([true, false])
    byText({})
    await many.goOn()
    expect(many.kept).toBe(2)
  })

  it('are reported with a row for each problem, and no cell is a formula', async () => {
    byText({ b: BROKEN, '=c': THERE })
    const many = useManyLogs()
    await many.start([log('a'), log('b'), log('=c')], choice)
    expect(reportOf(many.logs).split('\r\n').sort()).toEqual(
      [
        '"file","result","line","what is wrong"',
        '"a","kept","",""',
        '"b","refused","4","no number"',
        '"b","refused","9","backwards"',
        '"\'=c","there already","",""',
      ].sort(),
    )
  })
})

it('shows how far it is, and the reasons of what was refused', async () => {
  byText({ b: BROKEN, c: FAHRENHEIT })
  const page = mountApp(ManyLogs)
  await useManyLogs().start([log('a'), log('b'), log('c')], choice)
  await flushPromises()
  await vi.waitFor(() => expect(page.text()).toContain('3 logs read'))
  expect(page.find('[role=progressbar]').attributes('aria-valuetext')).toBe('3 of 3')
  expect(page.findAll('tbody tr').map((r) => r.text())).toEqual(['bline 4: no number (and 1 more)'])
  const convert = page.findAll('button').find((b) => b.text().includes('convert'))!
  await convert.trigger('click')
  await vi.waitFor(() => expect(useManyLogs().kept).toBe(2))
  await flushPromises()
  expect(page.find('a').attributes('href')).toBe('/roast')
})

it('takes the logs of a folder and says what it left out', async () => {
  const drop = mountApp(LogDrop, { modelValue: [] })
  const chosen = [log('a.csv'), log('b.TXT'), log('notes.pdf')]
  const input = drop.find('input[type=file]')
  Object.defineProperty(input.element, 'files', { value: chosen })
  Object.defineProperty(input.element, 'value', { value: '', writable: true })
  await input.trigger('change')
  await vi.waitFor(() => expect(drop.emitted('update:modelValue')).toHaveLength(1))
  const [files] = drop.emitted('update:modelValue')![0] as [File[]]
  expect(files.map((f) => f.name)).toEqual(['a.csv', 'b.TXT'])
  expect(drop.text()).toContain('1 file is left out')
})
