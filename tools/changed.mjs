// Which tests can be touched by what changed since a commit; printed as lines: `java MODULE CLASS`, `web FILE`, `all REASON`.
import { execFileSync } from 'node:child_process'
import { existsSync, readFileSync, readdirSync } from 'node:fs'
import { basename, join } from 'node:path'

const here = join(import.meta.dirname, '..')
const git = (...args) =>
  execFileSync('git', ['-C', here, ...args], { encoding: 'utf8', maxBuffer: 1 << 28 }).split('\n').filter(Boolean)
const since = process.argv[2]
const changed = [...new Set([...git('diff', '--name-only', since), ...git('ls-files', '-o', '--exclude-standard')])]

const MODULES = ['core', 'store', 'demo', 'server', 'browser-tests', 'bench']
const java = MODULES.flatMap((module) =>
  ['main', 'test'].flatMap((part) => {
    const folder = join(here, module, 'src', part, 'java')
    if (!existsSync(folder)) return []
    return readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .filter((file) => file.endsWith('.java') && !file.endsWith('package-info.java'))
      .map((file) => {
        const text = readFileSync(join(folder, file), 'utf8')
        return { module, test: part === 'test', name: basename(file, '.java'), words: new Set(text.match(/\w+/g)), text }
      })
  }),
)

/** A class, those that name it, and those that name these: what it does shows in them. */
function around(names) {
  const near = new Set(names)
  for (const one of java) if (!one.test && names.some((n) => one.words.has(n))) near.add(one.name)
  return near
}
const named = changed.filter((f) => f.endsWith('.java') && f.includes('/src/main/')).map((f) => basename(f, '.java'))
const near = around(named)
const resources = changed.filter((f) => f.includes('/src/main/resources/')).map((f) => basename(f))
const screens = new Set(changed.filter((f) => /^web\/src\/\w+\/.*(vue|ts|css)$/.test(f)).map((f) => f.split('/')[2]))
const tests = new Set(changed.filter((f) => f.includes('/src/test/java/')).map((f) => basename(f, '.java')))

/** Whether a test can be touched, and by what. */
function isTouched({ module, name, words, text }) {
  if (tests.has(name) || [...tests].some((t) => !t.endsWith('Test') && words.has(t))) return true
  if (name === 'ArchitectureTest') return changed.some((f) => f.startsWith(`${module}/`))
  if (module === 'browser-tests') return [...screens].some((s) => new RegExp(`/${s}\\b|${s}`, 'i').test(text))
  return [...near].some((n) => words.has(n)) || resources.some((r) => text.includes(r))
}

const whole = changed.filter((f) => /(^|\/)pom\.xml$|^tools\/test$|^web\/package|^venue$/.test(f))
if (whole.length) console.log(`all ${whole[0]} is part of how everything is built`)
for (const test of java.filter((t) => t.test && t.name.endsWith('Test')))
  if (isTouched(test)) console.log(`java ${test.module} ${test.name}`)
for (const file of changed.filter((f) => /^web\/src\/.*\.(vue|ts)$/.test(f) && existsSync(join(here, f))))
  console.log(`web ${file.slice('web/'.length)}`)
