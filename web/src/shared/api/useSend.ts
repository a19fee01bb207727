import { ref } from 'vue'
import { answer, problemAt, type Failure } from './client'

/** One thing that is sent by a button: a second press while it is under way sends nothing, and what was wrong is kept for its fields. */
export function useSend() {
  const sending = ref(false)
  const failure = ref<Failure>()

  /** @returns whether it was taken, with what came back; nothing for a second press */
  async function send<T>(
    call: () => Promise<{ data?: T; error?: unknown; response: Response }>,
  ): Promise<{ taken: boolean; data?: T }> {
    if (sending.value) {
      return { taken: false }
    }
    sending.value = true
    const result = await answer(call())
    sending.value = false
    failure.value = result.failure
    return { taken: !result.failure, data: result.data }
  }

  /** What is wrong with a field, for showing at it. */
  const problem = (field: string) => problemAt(failure.value, field)

  /** A sentence for what is wrong with no field in particular. */
  const said = () => (failure.value && !failure.value.problems.length ? failure.value.message : undefined)

  return { sending, failure, problem, said, send }
}
