import type { Control } from '@/shared/format/controls'
import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { usePreferences } from '@/shared/preferences'
import { noColumns, taken, type Columns } from './columns'
import { useOutbox } from './outbox'
import { useToldState } from './useToldState'

export type DeskState = Schemas['DeskState']

const AGAIN_MS = 1000
/** The server speaks at least every half second; longer than this is silence, ms. */
const SILENT_MS = 3000

/** The desk of one roaster as this screen sees it: kept up by the server, taken up again after a break. */
export function useDesk(machineId: number) {
  const preferences = usePreferences()
  const state = shallowRef<DeskState>()
  const columns = shallowRef<Columns>(noColumns())
  const heard = ref(false)
  const outbox = useOutbox()
  const path = { path: { machineId } }
  let stream: EventSource | undefined
  let again: ReturnType<typeof setTimeout> | undefined
  let lastMs = 0
  let preparedAt: string | undefined

  function take(view: Schemas['DeskView']) {
    const missed = view.readings.first > columns.value.deskS.length
    const another = view.state.batch?.preparedAt !== preparedAt && view.readings.first > 0
    if (missed || another) {
      // something was missed, or the readings here are of an earlier batch: all is asked for again
      columns.value = noColumns()
      open(0)
      return
    }
    preparedAt = view.state.batch?.preparedAt
    columns.value = { ...taken(columns.value, view.readings) }
    state.value = view.state
    heard.value = true
    lastMs = performance.now()
  }

  function open(from: number) {
    stream?.close()
    clearTimeout(again)
    const u = preferences.units
    const query = `from=${from}&fahrenheit=${u.temperature === 'F'}&per30s=${u.per === '30s'}`
    stream = new EventSource(`/api/desks/${machineId}/stream?${query}`)
    stream.addEventListener('desk', (e) => take(JSON.parse((e as MessageEvent<string>).data)))
    stream.onerror = () => {
      heard.value = false
      stream?.close()
      again = setTimeout(() => open(columns.value.deskS.length), AGAIN_MS)
    }
  }

  open(0)
  watch(
    () => preferences.units,
    () => open(columns.value.deskS.length),
  )
  const watchdog = setInterval(() => {
    if (heard.value && performance.now() - lastMs > SILENT_MS) {
      heard.value = false
      open(columns.value.deskS.length)
    }
  }, AGAIN_MS)
  onScopeDispose(() => {
    stream?.close()
    clearTimeout(again)
    clearInterval(watchdog)
    outbox.stop()
  })

  return {
    state: useToldState(state),
    columns,
    heard,
    waiting: outbox.waiting,
    refused: outbox.refused,
    mark: (kind: Schemas['EventKind']) =>
      outbox.press((agoS) =>
        answer(api.POST('/api/desks/{machineId}/events', { params: path, body: { kind, agoS } })),
      ),
    undo: (seq: number) =>
      outbox.press(() =>
        answer(api.DELETE('/api/desks/{machineId}/entries/{seq}', { params: { path: { machineId, seq } } })),
      ),
    note: (text: string) =>
      outbox.press((agoS) =>
        answer(api.POST('/api/desks/{machineId}/notes', { params: path, body: { text, agoS } })),
      ),
    control: (control: Control | 'pull' | 'warm-up', value: number) =>
      outbox.press((agoS) =>
        answer(api.POST('/api/desks/{machineId}/controls', { params: path, body: { control, value, agoS } })),
      ),
    typed: (beanC: number, environmentC: number | undefined) =>
      outbox.press((agoS) =>
        answer(
          api.POST('/api/desks/{machineId}/readings', { params: path, body: { beanC, environmentC, agoS } }),
        ),
      ),
    weighed: (greenG: number) =>
      outbox.press(() =>
        answer(api.POST('/api/desks/{machineId}/weight', { params: path, body: { greenG } })),
      ),
    stepDone: (step: number) =>
      outbox.press(() =>
        answer(api.POST('/api/desks/{machineId}/protocol/{step}', { params: { path: { machineId, step } } })),
      ),
    leaveOut: () =>
      outbox.press(() => answer(api.DELETE('/api/desks/{machineId}/next-move', { params: path }))),
    prepare: (entry: Schemas['PrepareEntry']) =>
      outbox.press(() => answer(api.POST('/api/desks/{machineId}/batch', { params: path, body: entry }))),
    finish: () => outbox.press(() => answer(api.DELETE('/api/desks/{machineId}/batch', { params: path }))),
  }
}
