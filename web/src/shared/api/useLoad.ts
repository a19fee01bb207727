import { QueryClient, notifyManager, useQuery } from '@tanstack/vue-query'
import { computed, nextTick, shallowRef, watch, type Ref } from 'vue'
import type { Answer, Failure } from './client'

/** Something loaded from the server, with its loading and failing. */
export interface Loaded<T> {
  data: Readonly<Ref<T | undefined>>
  failure: Readonly<Ref<Failure | undefined>>
  loading: Readonly<Ref<boolean>>
  reload: () => Promise<void>
}

// two people work at once: nothing is taken from a store of earlier answers, and what went wrong is said, not tried again
const client = new QueryClient({
  defaultOptions: {
    queries: {
      gcTime: 0,
      staleTime: 0,
      retry: false,
      networkMode: 'always',
      structuralSharing: false,
      refetchOnWindowFocus: false,
      refetchOnReconnect: false,
    },
  },
})
// a screen is drawn with its answer, not a moment after
notifyManager.setScheduler(queueMicrotask)

let asked = 0

/**
 * Loads at once, and again whenever `key` changes. The data of before stays while it is loaded anew; an answer that
 * comes after a newer question is dropped.
 */
export function useLoad<T>(load: () => Promise<Answer<T>>, key: () => unknown = () => 0): Loaded<T> {
  const mine = ++asked
  const {
    data: came,
    error,
    isFetching,
    refetch,
  } = useQuery<{ data: T }, Failure>(
    {
      queryKey: computed(() => ['load', mine, key()]),
      queryFn: async () => {
        const { data, failure } = await load()
        if (failure) throw failure
        return { data: data as T }
      },
      shallow: true,
    },
    client,
  )
  const data = shallowRef<T>()
  watch(came, (now) => (data.value = now ? now.data : data.value), { immediate: true, flush: 'sync' })
  return {
    data,
    failure: computed(() => error.value ?? undefined),
    loading: isFetching,
    reload: async () => {
      await refetch()
      // what is read after it is what it brought
      await nextTick()
    },
  }
}
