import { expect, it } from 'vitest'
import { useSend } from './useSend'

const took = (data: object) => Promise.resolve({ data, response: new Response(null, { status: 200 }) })

it('sends once for two presses, and says which was taken', async () => {
  const { send, sending } = useSend()
  let calls = 0
  const call = () => {
    calls++
    return took({ id: 3 })
  }
  const [first, second] = await Promise.all([send(call), send(call)])
  expect(calls).toBe(1)
  expect(first).toEqual({ taken: true, data: { id: 3 } })
  expect(second).toEqual({ taken: false })
  expect(sending.value).toBe(false)
})

it('keeps what was wrong for its field, and forgets it when it is taken', async () => {
  const { send, problem, said } = useSend()
  const refused = {
    detail: 'Nothing was kept',
    problems: [{ field: 'reason', message: 'A reason is wanted' }],
  }
  await send(() => Promise.resolve({ error: refused, response: new Response(null, { status: 422 }) }))
  expect(problem('reason')).toBe('A reason is wanted')
  expect(said()).toBeUndefined()
  await send(() =>
    Promise.resolve({ error: { detail: 'Gone on' }, response: new Response(null, { status: 409 }) }),
  )
  expect(said()).toBe('Gone on')
  await send(() => took({}))
  expect(problem('reason')).toBeUndefined()
  expect(said()).toBeUndefined()
})

it('says that the server does not answer', async () => {
  const { send, said } = useSend()
  const { taken } = await send(() => Promise.reject(new TypeError('Failed to fetch')))
  expect(taken).toBe(false)
  expect(said()).toContain('does not answer')
})
