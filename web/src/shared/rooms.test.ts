import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join, normalize, relative } from 'node:path'
import { describe, expect, it } from 'vitest'

const SRC = join(__dirname, '..')
const files = readdirSync(SRC, { recursive: true, encoding: 'utf8' }).filter(
  (f) => /\.(ts|vue)$/.test(f) && !/\.test\.ts$|schema\.d\.ts$/.test(f) && f.includes('/'),
)
const room = (path: string) => path.split('/')[0]!

/** Which room's file imports which other room. */
const arrows = files.flatMap((file) =>
  [...readFileSync(join(SRC, file), 'utf8').matchAll(/from '([^']+)'|import\('([^']+)'\)/g)].flatMap((m) => {
    const spec = m[1] ?? m[2]!
    const to = spec.startsWith('@/')
      ? spec.slice(2)
      : spec.startsWith('.')
        ? normalize(join(dirname(file), spec))
        : undefined
    return to && room(to) !== room(file)
      ? [{ file: relative('.', file), from: room(file), to: room(to) }]
      : []
  }),
)

describe('the rooms of the front end', () => {
  it('are found', () => {
    expect(files.length).toBeGreaterThan(80)
    expect(arrows.length).toBeGreaterThan(100)
  })

  it('share what is shared, which knows no room', () => {
    expect(arrows.filter((a) => a.from === 'shared')).toEqual([])
  })

  it('never import each other', () => {
    const pairs = new Set(arrows.map((a) => `${a.from} ${a.to}`))
    expect([...pairs].filter((p) => pairs.has(p.split(' ').reverse().join(' ')))).toEqual([])
  })
})
