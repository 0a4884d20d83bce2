// Classes are found by their name: each that is styled stands in a template or a script, each that a template wears is styled or
// looked for by a test. Prints those that are not, and ends with 1 where there are any.
import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'

const STYLE = /<style[^>]*>([\s\S]*?)<\/style>/g
/** Classes that libraries give, and those of a transition, which is named by its beginning. */
const GIVEN = /^(v-|mdi|ProseMirror|router-link)|-(enter|leave)-(active|from|to)$/

const read = (folder, which) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => which.test(file))
    .map((file) => ({ file, text: readFileSync(join(folder, file), 'utf8') }))
const all = (text, pattern) => [...text.matchAll(pattern)].map((m) => m[1] ?? m[0])

const sources = read('src', /\.(vue|css|ts)$/).filter(({ file }) => !/\.test\.ts$|schema\.ts$/.test(file))
const tests = [...read('src', /\.test\.ts$/), ...read('../browser-tests/src', /\.java$/)]
  .map((t) => t.text)
  .join('\n')

const styled = new Map()
const worn = new Map()
const words = new Set()
for (const { file, text } of sources) {
  const style = file.endsWith('.css') ? text : all(text, STYLE).join('\n')
  const rest = file.endsWith('.css') ? '' : text.replace(STYLE, '')
  const selectors = all(style.replace(/\/\*[\s\S]*?\*\//g, ''), /([^{}]+)\{/g).join('\n')
  all(selectors, /\.([a-zA-Z][\w-]*)/g).forEach((name) => styled.set(name, file))
  all(rest, /(?<![:\w-])class="([^"]*)"/g)
    .flatMap((names) => names.split(/\s+/))
    .forEach((name) => worn.set(name, file))
  all(rest, /[\w-]+/g).forEach((word) => words.add(word))
}

const wrong = [
  ...[...styled]
    .filter(([name]) => !words.has(name))
    .map(([name, file]) => `${file}: nothing wears the class “${name}” that is styled here`),
  ...[...worn]
    .filter(([name]) => name && !styled.has(name) && !tests.includes(`.${name}`))
    .map(([name, file]) => `${file}: the class “${name}” is worn here, and has no style`),
].filter((line) => !GIVEN.test(/“(.*)”/.exec(line)[1]))
wrong.forEach((line) => console.error(line))
process.exitCode = wrong.length ? 1 : 0
