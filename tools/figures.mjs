// Counts what the house asks for, over product code as it stands on the disk, and prints one table. `tools/figures --long` names the places too.
import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'

const here = join(dirname(fileURLToPath(import.meta.url)), '..')
const long = process.argv.includes('--long')
const MODULES = ['core', 'store', 'server', 'demo']

function files(folder, ends) {
  return readdirSync(join(here, folder), { recursive: true, withFileTypes: true })
    .filter((f) => f.isFile() && ends.some((e) => f.name.endsWith(e)))
    .map((f) => join(f.parentPath, f.name))
    .sort()
    .map((path) => ({ path: relative(here, path), text: readFileSync(path, 'utf8') }))
}

/** Code without what only looks like it: comments and the insides of texts, line for line. */
const bare = (text) =>
  text.replace(/"""[\s\S]*?"""|\/\*[\s\S]*?\*\/|\/\/[^\n]*|"(?:\\.|[^"\\\n])*"|'(?:\\.|[^'\\\n])+'/g, (all) =>
    all.startsWith('/') ? all.replace(/[^\n]/g, '') : '""' + all.replace(/[^\n]/g, ''),
  )

const lengthOf = (f) => f.text.split('\n').length - 1
const lines = (text) => text.split('\n').filter((l) => l.trim()).length
const spread = (numbers) => {
  const sorted = [...numbers].sort((a, b) => a - b)
  const at = (share) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? 0
  return `${at(0.5)} / ${at(0.9)} / ${sorted.at(-1) ?? 0}`
}

/** Where the bracket that opens at a place is closed. */
function closing(text, from, open, close) {
  let depth = 0
  for (let at = from; at < text.length; at++) {
    if (text[at] === open) depth++
    else if (text[at] === close && --depth === 0) return at
  }
  return text.length
}

const HEAD = /^[ \t]+(?:@\w+(?:\([^)\n]*\))?\s+)*(?:(?:public|private|protected|static|final|abstract|default|synchronized)\s+)*(?:<[^>\n]+>\s+)?(?:[\w.@]+(?:<[^;{}=]*>)?(?:\[\])?\s+)?(\w+)\(/gm
const NOT_METHODS = new Set(['if', 'for', 'while', 'switch', 'catch', 'return', 'new', 'super', 'this', 'throw', 'try', 'synchronized'])

/** Methods and constructors: their names, lines and parameters. */
function methods({ path, text }) {
  const code = bare(text)
  const found = []
  for (const match of code.matchAll(HEAD)) {
    if (NOT_METHODS.has(match[1]) || /^\s*(return|new|throw|else|case)\b|\b(record|class|enum) /.test(match[0])) continue
    const open = match.index + match[0].length - 1
    const end = closing(code, open, '(', ')')
    const body = /^\s*(?:throws [\w\s,.]+)?\{/.exec(code.slice(end + 1))
    if (!body) continue
    const last = closing(code, end + body[0].length, '{', '}')
    found.push({
      path,
      name: match[1],
      lines: code.slice(match.index, last).split('\n').length,
      parameters: parts(code.slice(open + 1, end)),
    })
  }
  return found
}

/** How many parts a list of parameters has, whatever stands in angle brackets. */
function parts(list) {
  let flat = list
  for (let before = ''; before !== flat; ) {
    before = flat
    flat = flat.replace(/<[^<>]*>|\([^()]*\)/g, '')
  }
  return flat.trim() ? flat.split(',').length : 0
}

function records({ path, text }) {
  const code = bare(text)
  return [...code.matchAll(/\brecord (\w+)(?:<[^(]*>)?\(/g)].map((match) => {
    const open = match.index + match[0].length - 1
    return { path, name: match[1], parameters: parts(code.slice(open + 1, closing(code, open, '(', ')'))) }
  })
}

const withRooms = MODULES.flatMap((m) => files(`${m}/src/main/java`, ['.java']))
const java = withRooms.filter((f) => !f.path.endsWith('package-info.java'))
const web = files('web/src', ['.ts', '.vue'])
const product = web.filter((f) => !f.path.endsWith('.test.ts') && !f.path.includes('/test/') && !f.path.endsWith('schema.ts'))
const tests = [
  ...[...MODULES, 'browser-tests', 'bench'].flatMap((m) => files(`${m}/src/test/java`, ['.java'])),
  ...web.filter((f) => f.path.endsWith('.test.ts') || f.path.includes('/test/')),
]
const styles = [...files('core/src/main/resources', ['.css']), ...files('web/src', ['.css'])]

const allMethods = java.flatMap(methods)
const types = java.flatMap((f) =>
  [...bare(f.text).matchAll(/^([ \t]*)((?:public|private|protected|static|final|abstract|sealed|non-sealed)\s+)*(class|record|interface|enum|@interface) (\w+)/gm)].map((m) => ({
    path: f.path,
    name: m[4],
    top: m[1] === '',
    open: /\bpublic\b/.test(m[0]),
  })),
)
const top = types.filter((t) => t.top)
const by = (list, key) => list.reduce((all, one) => all.set(key(one), [...(all.get(key(one)) ?? []), one]), new Map())
const rooms = [...by(top.filter((t) => t.open), (t) => dirname(t.path))].filter(([, open]) => open.length > 8)
const twice = [...by(top, (t) => t.name)].filter(([, all]) => all.length > 1)
/** Records of many parts that are copied in one place, as house rules allow. */
const copiedOnce = new Set(java.filter((f) => /private (?:static )?\w+ but\(/.test(f.text)).map((f) => f.path))
const wide = [...allMethods, ...java.flatMap(records)].filter((m) => m.parameters > 7 && !copiedOnce.has(m.path))
const ITEMS = 'Page|Kind|Template|Pattern|Entry|Media|Site|Look|Menu|SharedSection|Redirect'
const ladders = java
  .filter((f) => !f.path.includes('/core/sort/'))
  .flatMap((f) => [...bare(f.text).matchAll(new RegExp(`instanceof (?:venue\\.[\\w.]+\\.)?(?:${ITEMS})\\b`, 'g'))].map(() => f.path))
const AS = /[\w)\]}] as (?!const\b)(?:[A-Z{[]|unknown|never|string|number)/g
/** What is script in a file of the interface: its markup has words of its own. */
const script = ({ path, text }) =>
  path.endsWith('.vue') ? [...text.matchAll(/<script[^>]*>([\s\S]*?)<\/script>/g)].map((m) => m[1]).join('\n') : text

const casts = product.flatMap((f) => [...bare(script(f).replace(/^import [^;]*? from /gm, '')).matchAll(AS)].map(() => f.path))
const written = [...java, ...product, ...styles].reduce((sum, f) => sum + lines(f.text), 0)
const tested = tests.reduce((sum, f) => sum + lines(f.text), 0)
const places = (list) => (long ? [...by(list, (p) => p)].map(([p, all]) => `    ${all.length}  ${p}`) : [])

const table = [
  ['methods: lines, median / nine tenths / most', spread(allMethods.map((m) => m.lines)), '5 / 15 / 40'],
  ['files of Java and TypeScript: lines, the same', spread([...withRooms, ...product.filter((f) => f.path.endsWith('.ts'))].map(lengthOf)), '50 / 150 / 300'],
  ['files of Vue (script, markup and style in one)', spread(product.filter((f) => f.path.endsWith('.vue')).map(lengthOf)), 'most 300'],
  ['types that are package-private', `${Math.round((100 * top.filter((t) => !t.open).length) / top.length)} %`, '≥ 57 %'],
  ['rooms with more than eight public types', rooms.length, 'doors that say so', rooms.map(([room, open]) => `    ${open.length}  ${room}`)],
  ['methods, and records not copied in one place, of more than seven parts', wide.length, 'none', wide.map((m) => `    ${m.parameters}  ${m.name}  ${m.path}`)],
  ['instanceof of an item outside sorts', ladders.length, 'none', places(ladders)],
  ['“as” in the interface', casts.length, '≤ 30', places(casts)],
  ['names of types used twice', twice.length, '≤ 10', twice.map(([name, all]) => `    ${name}: ${all.map((t) => dirname(t.path).replace(/.*\/venue\//, '')).join(', ')}`)],
  ['tests, of product code', `${Math.round((1000 * tested) / written) / 10} %`, '30 to 34 %'],
]
for (const [what, is, asked, where = []] of table) {
  console.log(`${what.padEnd(46)} ${String(is).padStart(14)}   asked: ${asked}`)
  if (long) where.forEach((w) => console.log(w))
}
