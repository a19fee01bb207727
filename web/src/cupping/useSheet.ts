import { ref, shallowRef, watch } from 'vue'
import { useRefHistory } from '@vueuse/core'
import { answer, api, type Schemas } from '@/shared/api/client'
import { useKept } from '@/shared/kept/useKept'
import type { SheetContent } from './sheetContent'

type Sheet = Schemas['SheetView']

const SAVE_AFTER_MS = 250
const MOST_UNDONE = 60

const contentOf = (s: Sheet): SheetContent => ({
  cupper: s.cupper,
  attributes: { ...s.attributes },
  cups: s.cups.map((c) => ({ ...c })),
  words: s.words.map((w) => ({ ...w, cups: [...w.cups] })),
  intensities: { ...s.intensities },
  scales: { ...s.scales },
  note: s.note ?? '',
  verdict: s.verdict as SheetContent['verdict'],
})

/** One sheet, kept as it is filled; its sums come back from the server. */
export function useSheet(first: Sheet) {
  const content = ref<SheetContent>(contentOf(first))
  const sums = shallowRef<Sheet>(first)
  const kept = useKept<SheetContent, Sheet>({
    key: `sheet.${first.id}`,
    content: () => content.value,
    save: (sent, version) =>
      answer(
        api.PUT('/api/cuppings/{id}/sheets/{sheetId}', {
          params: { path: { id: first.cuppingId, sheetId: first.id } },
          body: { ...sent, note: sent.note || undefined, version },
        }),
      ),
    onKept: (sheet) => (sums.value = sheet),
    delayMs: SAVE_AFTER_MS,
  })
  content.value = kept.loaded(first.version, content.value) ?? content.value
  watch(content, kept.changed, { deep: true })
  // one press, one step
  const { undo, canUndo } = useRefHistory(content, { deep: true, capacity: MOST_UNDONE })
  return { content, sums, kept, undo, canUndo }
}
