import { computed, nextTick, ref, shallowRef, watch } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { usePreferences } from '@/shared/preferences'
import { useKept } from '@/shared/kept/useKept'
import { copy, type Content, type Prediction } from './plan'

/** One plan: changed by sliders, foretold at once, kept as it goes, and taken back when wanted. */
export function usePlan(id: number) {
  const params = { params: { path: { id } } }
  const plan = useLoad(() => answer(api.GET('/api/plans/{id}', params)))
  const content = ref<Content>()
  const prediction = shallowRef<Prediction>()
  const refused = shallowRef<Failure>()
  const before = shallowRef<Content[]>([])
  let taking = false
  const preferences = usePreferences()
  const wording = computed(() => ({
    fahrenheit: preferences.units.temperature === 'F',
    per30s: preferences.units.per === '30s',
  }))
  watch(wording, () => content.value && void predict())

  const kept = useKept<Content, Schemas['PlanView']>({
    key: `plan.${id}`,
    content: () => content.value!,
    save: (c, version) => answer(api.PUT('/api/plans/{id}', { ...params, body: { version, content: c } })),
  })

  watch(
    () => plan.data.value,
    (p) => {
      if (p) {
        before.value = [copy(p.content)]
        take(copy(kept.loaded(p.version, p.content) ?? p.content))
        void predict()
      }
    },
  )
  watch(
    content,
    () => {
      if (!taking) {
        kept.changed()
        void predict()
      }
    },
    { deep: true },
  )

  function take(c: Content) {
    taking = true
    content.value = c
    void nextTick(() => (taking = false))
  }

  const tried = () => ({
    greenSampleId: plan.data.value!.greenSampleId,
    machineId: plan.data.value!.machineId,
    content: content.value!,
  })

  let asking = false
  let askAgain = false
  /** Foretells the plan as it stands; while one answer is awaited, only the newest state is asked after it. */
  async function predict() {
    if (asking) {
      askAgain = true
      return
    }
    asking = true
    do {
      askAgain = false
      const result = await answer(
        api.POST('/api/plans/prediction', { params: { query: wording.value }, body: tried() }),
      )
      refused.value = result.failure
      prediction.value = result.data ?? prediction.value
    } while (askAgain)
    asking = false
  }

  /** Takes over another content, which can be taken back. */
  function replace(next: Content) {
    before.value = [...before.value, copy(content.value!)]
    content.value = copy(next)
  }

  const changed = computed(
    () =>
      before.value.length > 0 &&
      JSON.stringify(before.value[before.value.length - 1]) !== JSON.stringify(content.value),
  )

  /** Takes back what was changed since the page was opened, or since the last search. */
  function undo() {
    const last = before.value[before.value.length - 1]
    if (last) {
      before.value = before.value.length > 1 ? before.value.slice(0, -1) : before.value
      content.value = copy(last)
    }
  }

  return { plan, content, prediction, refused, kept, tried, wording, replace, undo, changed, predict }
}
