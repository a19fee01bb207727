import { ref, watch, type Ref } from 'vue'
import { useDebounceFn } from '@vueuse/core'
import { answer, api, type Schemas } from '@/shared/api/client'

const SETTLED_MS = 400

/** What is to be said of each roast before the pour, as a table is laid: rest, bench, grams. */
export function useLaidWarnings(entry: Ref<Schemas['CuppingEntry']>, complete: () => boolean) {
  const said = ref<Schemas['RestWarning'][]>([])
  let asked = 0
  const ask = useDebounceFn(async () => {
    const mine = ++asked
    const result = complete()
      ? await answer(api.POST('/api/table-warnings', { body: entry.value }))
      : undefined
    // what was asked since is the newer answer; what cannot be laid yet is said when it is laid
    if (mine === asked) {
      said.value = result?.data ?? []
    }
  }, SETTLED_MS)
  watch(entry, ask, { immediate: true })
  return said
}
