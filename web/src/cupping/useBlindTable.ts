import { computed, ref } from 'vue'
import { useStorage } from '@vueuse/core'
import { answer, api } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { roastName } from '@/shared/format/text'
import { useChanges } from './useChanges'

/** A table where a choice is made, not a score: who sits at it, and what may be told by now. */
export function useBlindTable(id: number) {
  const table = useLoad(() => answer(api.GET('/api/cuppings/{id}', { params: { path: { id } } })))
  const roasts = useLoad(() => answer(api.GET('/api/roasts')))
  const cupper = useStorage('barrowmist.cupper', '')
  const seated = ref(false)
  const me = computed(() => cupper.value.trim())
  const told = computed(() => table.data.value?.told ?? false)
  const over = computed(() => !!table.data.value?.revealedAt)
  const names = computed(() =>
    Object.fromEntries(
      (table.data.value?.samples ?? []).map((s) => {
        const roast = roasts.data.value?.find((r) => r.id === s.roastId)
        const what = roast ? roastName(roast) : (s.outside?.name ?? '')
        return [s.code, [what, s.treatment].filter(Boolean).join(', ') || s.code]
      }),
    ),
  )
  useChanges(`/api/cuppings/${id}/stream`, table.reload, () => over.value)
  return { table, roasts, cupper, seated, me, told, over, names }
}
