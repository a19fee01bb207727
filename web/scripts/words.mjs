// Writes the words of the contract as TypeScript: each closed set of values with its labels, in the core's order.
import { readFileSync, writeFileSync } from 'node:fs'
import { format, resolveConfig } from 'prettier'

const CONTRACT = new URL('../../contract/openapi.json', import.meta.url)
const OUT = new URL('../src/shared/api/words.ts', import.meta.url)

const { schemas } = JSON.parse(readFileSync(CONTRACT, 'utf8')).components
const sets = Object.entries(schemas)
  .filter(([, schema]) => schema['x-labels'])
  .map(([name, schema]) => {
    const rows = schema.enum.map((value) => ({
      value,
      title: schema['x-labels'][value],
      meaning: schema['x-meanings']?.[value] ?? '',
    }))
    return `${name}: ${JSON.stringify(rows)}`
  })
const text = `/** Generated from the contract by scripts/words.mjs; a word is changed in the core. */
export const WORDS = { ${sets.join(',\n')} } as const
`
writeFileSync(OUT, await format(text, { ...(await resolveConfig(OUT)), parser: 'typescript' }))
