// Writes dist/notices.txt: every font, style and script that ships, with its licence as its makers wrote it.
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'

const root = join(import.meta.dirname ?? new URL('.', import.meta.url).pathname, '..')
const lock = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'))
const shipped = Object.entries(lock.packages)
  .filter(([path, p]) => path && !p.dev && !p.optional && existsSync(join(root, path, 'package.json')))
  .sort(([a], [b]) => a.localeCompare(b))

function licence(folder) {
  const file = readdirSync(folder).find((f) => /^(licen[cs]e|copying|ofl)/i.test(f))
  return file
    ? readFileSync(join(folder, file), 'utf8').trim()
    : '(the package brings no text of its licence)'
}

const parts = shipped.map(([path, p]) => {
  const name = path.replace(/^.*node_modules\//, '')
  return `${name} ${p.version}\n${p.license ?? 'licence not named'}\n\n${licence(join(root, path))}\n`
})
if (!parts.length) {
  throw new Error('No shipped package was found: is node_modules there?')
}
const rule = '\n' + '-'.repeat(78) + '\n\n'
writeFileSync(
  join(root, 'dist', 'notices.txt'),
  `What the pages of Barrowmist are made with.\n${rule}${parts.join(rule)}`,
)
console.log(`notices of ${parts.length} packages`)
