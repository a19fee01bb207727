import { ref, shallowRef, type Ref } from 'vue'
import { answer, api, type Failure } from '@/shared/api/client'
import type { usePlan } from './usePlan'

type Plan = Pick<ReturnType<typeof usePlan>, 'wording' | 'tried' | 'replace' | 'undo'>

/** Seeks the gas, charge and air that reach a plan's targets, and says what was changed for it. */
export function useFinder({ wording, tried, replace, undo }: Plan, failure: Ref<Failure | undefined>) {
  const searching = ref(false)
  const found = shallowRef<{ reached: boolean; changes: string[]; missed: string[] }>()

  async function find() {
    searching.value = true
    const result = await answer(
      api.POST('/api/plans/search', { params: { query: wording.value }, body: tried() }),
    )
    searching.value = false
    failure.value = result.failure
    found.value = result.data
    if (result.data) {
      replace(result.data.content)
    }
  }
  function takeBack() {
    undo()
    found.value = undefined
  }
  return { searching, found, find, takeBack }
}
