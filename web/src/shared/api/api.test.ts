import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import { answer, failureOf, problemAt, type Answer } from './client'
import { useLoad } from './useLoad'

describe('answer', () => {
  it('keeps the sentence and the fields of a problem document', async () => {
    const error = {
      detail: 'Nothing was kept: 1 value to mend.',
      problems: [{ field: 'kg', message: 'Weight is 0' }],
    }
    const { failure } = await answer(
      Promise.resolve({ error, response: new Response(null, { status: 422 }) }),
    )
    expect(failure?.message).toBe('Nothing was kept: 1 value to mend.')
    expect(problemAt(failure, 'kg')).toBe('Weight is 0')
    expect(problemAt(failure, 'name')).toBeUndefined()
  })

  it('says that the server does not answer when the network fails', async () => {
    const { failure } = await answer(Promise.reject(new TypeError('Failed to fetch')))
    expect(failure?.status).toBe(0)
    expect(failure?.message).toContain('does not answer')
  })

  it('has a sentence for a body that is no problem document', () => {
    expect(failureOf('<html>', 502).message).toBe('The server answered with status 502.')
  })
})

describe('useLoad', () => {
  it('drops an answer that comes after a newer question', async () => {
    const key = ref(1)
    const waiting: ((a: Answer<number>) => void)[] = []
    const scope = effectScope()
    const loaded = scope.run(() =>
      useLoad<number>(
        () => new Promise((r) => waiting.push(r)),
        () => key.value,
      ),
    )!
    key.value = 2
    await nextTick()
    waiting[1]!({ data: 2 })
    waiting[0]!({ data: 1 })
    await flushPromises()
    expect(loaded.data.value).toBe(2)
    expect(loaded.loading.value).toBe(false)
    scope.stop()
  })

  it('keeps the data of before when loading anew fails', async () => {
    const answers: Answer<number>[] = [{ data: 7 }, { failure: failureOf({}, 500) }]
    const scope = effectScope()
    const loaded = scope.run(() => useLoad<number>(() => Promise.resolve(answers.shift()!)))!
    await flushPromises()
    await loaded.reload()
    expect(loaded.data.value).toBe(7)
    expect(loaded.failure.value?.status).toBe(500)
    scope.stop()
  })
})
