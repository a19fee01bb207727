import { computed, ref, shallowRef, watch } from 'vue'
import { answer, api, type Failure } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { useKept } from '@/shared/kept/useKept'
import { type Day, type DayContent } from './day'

const MOST_BEFORE = 50

/** A day as it is put in order: what is in it, what could be put in, and keeping it. */
export function useDay(date: () => string) {
  const path = computed(() => ({ params: { path: { date: date() } } }))
  const loaded = useLoad(() => answer(api.GET('/api/days/{date}', path.value)), date)
  const plans = useLoad(() => answer(api.GET('/api/plans')))
  const samples = useLoad(() => answer(api.GET('/api/green-samples')))
  const day = shallowRef<Day>()
  const content = ref<DayContent>()
  const failure = shallowRef<Failure>()
  const adding = ref(false)
  const before = shallowRef<DayContent[]>([])

  const kept = useKept<DayContent, Day>({
    key: () => `day.${date()}`,
    content: () => content.value!,
    save: (c, version) =>
      answer(api.PUT('/api/days/{date}', { ...path.value, body: { version, content: c } })),
    onKept: show,
    delayMs: 150,
  })
  function show(view: Day) {
    day.value = view
    content.value = view.content
  }
  watch(
    () => loaded.data.value,
    (view) => {
      if (view) {
        before.value = []
        show({ ...view, content: kept.loaded(view.version, view.content) ?? view.content })
      }
    },
  )
  function change(next: Partial<DayContent>) {
    before.value = [...before.value.slice(-(MOST_BEFORE - 1)), content.value!]
    content.value = { ...content.value!, ...next }
    kept.changed()
  }
  /** Takes the last change back: a roast that was removed, moved or put in, a time, the grouping. */
  function undo() {
    const last = before.value[before.value.length - 1]
    if (last) {
      before.value = before.value.slice(0, -1)
      content.value = last
      kept.changed()
    }
  }

  const items = computed(() => content.value?.items ?? [])
  const rows = computed(() =>
    items.value.map((item) => ({ item, slot: day.value?.slots.find((s) => s.planId === item.planId) })),
  )
  // samples that are not in the day yet, one line each
  const open = computed(() => {
    const inDay = new Set(
      (plans.data.value ?? [])
        .filter((p) => items.value.some((i) => i.planId === p.id))
        .map((p) => p.greenSampleId),
    )
    return (samples.data.value ?? []).filter((s) => !s.stopped && !inDay.has(s.id))
  })

  async function planOf(sampleId: number) {
    const plan = plans.data.value?.find((p) => p.greenSampleId === sampleId)
    return plan
      ? { data: plan, failure: undefined }
      : answer(
          api.POST('/api/plans', { body: { greenSampleId: sampleId, machineId: content.value!.machineId } }),
        )
  }

  /** Puts samples in, each with its plan; one that has none gets one. */
  async function add(chosen: number[]) {
    adding.value = true
    const added = []
    for (const sampleId of chosen) {
      const plan = await planOf(sampleId)
      failure.value = plan.failure
      if (!plan.data) {
        break
      }
      added.push({ planId: plan.data.id })
    }
    await plans.reload()
    // at the end: the order that a person gave the others stays
    change({ items: [...items.value, ...added] })
    adding.value = false
  }

  /** Takes the order that groups what is charged alike; the day in that order, where there is one. */
  async function group(): Promise<Day | undefined> {
    const result = await answer(
      api.POST('/api/days/{date}/order', { ...path.value, body: { content: content.value! } }),
    )
    failure.value = result.failure
    if (result.data) {
      change({ items: result.data.content.items })
    }
    return result.data
  }

  return { loaded, day, content, failure, kept, change, undo, before, items, rows, open, adding, add, group }
}
