import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'

/** What waits at each station; the workline and Today share it. */
export const useWaiting = defineStore('waiting', () => {
  const today = shallowRef<Schemas['TodayView']>()
  const failure = shallowRef<Failure>()

  async function refresh() {
    const result = await answer(api.GET('/api/today'))
    failure.value = result.failure
    today.value = result.data ?? today.value
  }

  return { today, failure, refresh }
})
