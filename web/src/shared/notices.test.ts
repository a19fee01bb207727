import { createPinia, setActivePinia } from 'pinia'
import { afterEach, expect, it } from 'vitest'
import { askWith } from '@/shared/api/client'
import { useNotices } from './notices'
import { stubServer } from './testMount'

afterEach(() => askWith(undefined))

it('asks for what everybody must know, but not from a seat, which may ask for its table alone', async () => {
  setActivePinia(createPinia())
  const sent = stubServer(() => ({ body: [] }))
  const notices = useNotices()
  await notices.refresh()
  expect(sent).toHaveLength(1)
  askWith('a seat’s token')
  await notices.refresh()
  expect(sent).toHaveLength(1)
})
