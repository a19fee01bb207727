import { nextTick, reactive, ref, shallowRef, watch } from 'vue'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { useKept } from '@/shared/kept/useKept'
import { blank, counted, tidy, type Content } from './inspection'

/** One inspection: what is typed is kept as it goes, what follows from it comes back from the server. */
export function useInspection(id: number) {
  const params = { params: { path: { id } } }
  const loaded = useLoad(() => answer(api.GET('/api/green-samples/{id}/inspection', params)))
  const view = shallowRef<Schemas['InspectionView']>()
  const content = reactive<Content>(blank())
  const ready = ref(false)
  const tallied = ref<string[]>([])
  // fields whose text is no number: nothing is sent while there is one
  const unreadable = reactive(new Set<string>())
  let taking = false

  const kept = useKept<Content, Schemas['InspectionView']>({
    key: `inspection.${id}`,
    content: () => tidy(content),
    save: (c, version) =>
      answer(api.PUT('/api/green-samples/{id}/inspection', { ...params, body: { version, content: c } })),
    onKept: (v) => (view.value = v),
    readable: () => unreadable.size === 0,
  })

  function take(v: Schemas['InspectionView']) {
    taking = true
    view.value = v
    Object.keys(content).forEach((field) => delete content[field as keyof Content])
    Object.assign(content, blank(), kept.loaded(v.version, v.content) ?? v.content)
    ready.value = true
    void nextTick(() => (taking = false))
  }

  watch(
    () => loaded.data.value,
    (v) => v && take(v),
  )
  watch(
    content,
    () => {
      if (!taking) {
        kept.changed()
      }
    },
    { deep: true },
  )

  /** One defective bean found. */
  function tally(code: string) {
    content.defects = counted(content, code, 1)
    tallied.value.push(code)
  }

  /** One bean of a kind that was counted by mistake, whenever that was. */
  function untally(code: string) {
    content.defects = counted(content, code, -1)
    const last = tallied.value.lastIndexOf(code)
    tallied.value = tallied.value.filter((_, i) => i !== last)
  }

  /** Takes the last bean back. */
  function undo() {
    const code = tallied.value.pop()
    if (code) {
      content.defects = counted(content, code, -1)
    }
  }

  return { loaded, view, content, ready, kept, tally, untally, undo, tallied, unreadable }
}
