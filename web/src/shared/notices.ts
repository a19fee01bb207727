import { shallowRef } from 'vue'
import { defineStore } from 'pinia'
import { useIntervalFn } from '@vueuse/core'
import { answer, api, isSeat, type Schemas } from '@/shared/api/client'

const LOOK_EVERY_MS = 15_000

/** What everybody in the lab must know, such as a full disk. */
export const useNotices = defineStore('notices', () => {
  const all = shallowRef<Schemas['Notice'][]>([])

  async function refresh() {
    if (isSeat()) {
      return
    }
    const result = await answer(api.GET('/api/notices'))
    all.value = result.data ?? all.value
  }

  /** Somebody has read one that need not stay. */
  async function read(id: string) {
    await answer(api.DELETE('/api/notices/{id}', { params: { path: { id } } }))
    await refresh()
  }

  useIntervalFn(refresh, LOOK_EVERY_MS)
  return { all, refresh, read }
})
