// Lints what types say: the scripts of components, as the TypeScript files that they are, beside the others in one program.
// (Linted as components each of them is a program of its own, which takes minutes.)
import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { ESLint } from 'eslint'
import { parse } from 'vue/compiler-sfc'

const to = 'target/scripts/src'
rmSync(to, { recursive: true, force: true })

/** A component's scripts, each character where it stands in the component: what is found in them is found there. */
const scripts = (file) => {
  const text = readFileSync(file, 'utf8')
  const { script, scriptSetup } = parse(text).descriptor
  const gap = (from, until) => text.slice(from, until).replace(/[^\n]/g, ' ')
  let end = 0
  const parts = [script, scriptSetup]
    .filter(Boolean)
    .sort((a, b) => a.loc.start.offset - b.loc.start.offset)
    .map(({ content, loc }) => {
      const part = gap(end, loc.start.offset) + content
      end = loc.end.offset
      return part
    })
  return parts.join('')
}

for (const file of readdirSync('src', { recursive: true, encoding: 'utf8' })) {
  if (!file.endsWith('.vue')) continue
  const script = join(to, `${file}.ts`)
  mkdirSync(dirname(script), { recursive: true })
  writeFileSync(script, scripts(join('src', file)))
}

const eslint = new ESLint({ overrideConfigFile: 'eslint.types.config.js' })
const results = await eslint.lintFiles(['src/**/*.ts', `${to}/**/*.ts`])
for (const result of results)
  result.filePath = result.filePath.replace(/target\/scripts\/(src\/.*\.vue)\.ts$/, '$1')
console.log((await eslint.loadFormatter('stylish')).format(results))
process.exitCode = results.some((r) => r.errorCount > 0) ? 1 : 0
