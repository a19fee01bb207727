import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import type { Answer, Failure } from './client'

/** Something loaded from the server, with its loading and failing. */
export interface Loaded<T> {
  data: Readonly<Ref<T | undefined>>
  failure: Readonly<Ref<Failure | undefined>>
  loading: Readonly<Ref<boolean>>
  reload: () => Promise<void>
}

/**
 * Loads at once, and again whenever `key` changes. The data of before stays while it is loaded anew; an answer that
 * comes after a newer question is dropped.
 */
export function useLoad<T>(load: () => Promise<Answer<T>>, key: () => unknown = () => 0): Loaded<T> {
  const data = shallowRef<T>()
  const failure = shallowRef<Failure>()
  const loading = ref(false)
  let asked = 0

  async function reload() {
    const mine = ++asked
    loading.value = true
    const result = await load()
    if (mine === asked) {
      loading.value = false
      failure.value = result.failure
      data.value = result.failure ? data.value : result.data
    }
  }

  watch(key, reload, { immediate: true })
  onScopeDispose(() => asked++)
  return { data, failure, loading, reload }
}
