import { nextTick, reactive, ref, shallowRef, watch } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { useKept } from '@/shared/kept/useKept'

type Sample = Schemas['SampleView']
type Entry = Omit<Schemas['SampleEntry'], 'version'>

const FIELDS = ['greenG', 'roastedG', 'colourWhole', 'colourGround', 'oneColourThrough'] as const
/** What is empty is left out, so that nothing that was not touched is sent. */
const filled = <T extends object>(part: T | undefined): T | undefined =>
  part && Object.values(part).some((v) => v !== undefined) ? { ...part } : undefined
const of = (from: Entry): Entry => ({
  ...Object.fromEntries(FIELDS.map((f) => [f, from[f]])),
  counts: filled(from.counts),
  look: filled(from.look),
})
/** With its parts to be written into. */
const whole = (from: Entry) => ({ ...of(from), counts: { ...from.counts }, look: { ...from.look } })

/** The bench figures of a roast, kept as they are read and counted; a field that cannot be read waits. */
export function useBench(id: number) {
  const params = { params: { path: { id } } }
  const sample = useLoad(() => answer(api.GET('/api/roasts/{id}/sample', params)))
  const entry = ref<ReturnType<typeof whole>>(whole({}))
  const unreadable = reactive(new Set<string>())
  const verdictOf = ref(0)
  const worked = shallowRef<Sample>()

  const kept = useKept<Entry, Sample>({
    key: `sample.${id}`,
    content: () => of(entry.value),
    save: (body, version) =>
      answer(api.PUT('/api/roasts/{id}/sample', { ...params, body: { ...body, version } })),
    onKept: (view) => {
      worked.value = view
      verdictOf.value++
    },
    readable: () => unreadable.size === 0,
  })
  let taking = false
  watch(
    () => sample.data.value,
    (view) => {
      if (view) {
        taking = true
        worked.value = view
        entry.value = whole(kept.loaded(view.version, of(view)) ?? view)
        void nextTick(() => (taking = false))
      }
    },
  )
  watch(entry, () => !taking && kept.changed(), { deep: true })
  const note = (field: string, valid: boolean) => {
    if (valid ? unreadable.delete(field) : unreadable.add(field)) {
      kept.changed()
    }
  }

  return { sample, entry, worked, kept, verdictOf, note }
}
