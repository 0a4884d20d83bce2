// Writes docs/codes.md: every code by which something is refused, as the code says it. `tools/codes --check` only tells whether it is so.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { dirname, join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'

const here = join(dirname(fileURLToPath(import.meta.url)), '..')
const file = join(here, 'docs/codes.md')
const STATUS = { badInput: 422, unknown: 404, conflict: 409, forbidden: 403, busy: 503 }

const sources = ['core', 'store', 'server'].flatMap((module) => {
  const root = join(here, module, 'src/main/java')
  return readdirSync(root, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.java'))
    .sort()
    .map((name) => ({ path: relative(here, join(root, name)), text: readFileSync(join(root, name), 'utf8') }))
})

/** The arguments of a call whose bracket opens at a place, as they are written. */
function argumentsAt(text, open) {
  const found = ['']
  for (let at = open + 1, depth = 1, quoted = false; at < text.length; at++) {
    const c = text[at]
    if (c === '\\' && quoted) {
      found.push(found.pop() + c + text[++at])
      continue
    }
    if (c === '"') quoted = !quoted
    if (!quoted && '([{'.includes(c)) depth++
    if (!quoted && ')]}'.includes(c) && --depth === 0) break
    if (!quoted && c === ',' && depth === 1) found.push('')
    else found.push(found.pop() + c)
  }
  return found.map((f) => f.trim())
}

/** What an argument says: its texts, with “…” for what is worked out. */
function said(argument) {
  if (!argument) return ''
  const pieces = argument.match(/"(?:\\.|[^"\\])*"|[^"]+/g) ?? []
  return pieces
    .map((p) => (p.startsWith('"') ? p.slice(1, -1).replace(/\\"/g, '"').replace(/\\n/g, ' ') : between(p)))
    .join('')
    .replace(/(…\s*)+/g, (all) => (all.endsWith(' ') ? '… ' : '…'))
    .trim()
}

/** What stands between texts: one of two is said, or something that is worked out. */
function between(code) {
  if (code.includes('?')) return ''
  if (/^\s*:\s*$/.test(code)) return ' · '
  return code.replace(/[\s+]/g, '') ? '…' : ''
}

/** The texts that a constant of the same file may stand for. */
const constant = (text, name) => new RegExp(`\\b${name}\\s*=\\s*"([^"]+)"`).exec(text)?.[1]

const codes = new Map()
function note(code, status, message, path) {
  if (!/^[a-z][a-z0-9-]+$/.test(code ?? '')) return
  const known = codes.get(code) ?? { status: new Set(), messages: new Set(), paths: new Set() }
  known.status.add(status)
  if (message && message !== '…') known.messages.add(message)
  known.paths.add(path.replace(/^.*\/java\//, '').replace(/\.java$/, '').replace(/\//g, '.'))
  codes.set(code, known)
}

for (const { path, text } of sources) {
  for (const call of text.matchAll(/\b(badInput|conflict|forbidden|busy|unknown|refused|bad)\(/g)) {
    if (!(call[1] in STATUS) || /\bRefusal $/.test(text.slice(call.index - 8, call.index))) continue
    const given = argumentsAt(text, call.index + call[0].length - 1)
    const first = given[0].startsWith('"') ? said(given[0]) : constant(text, given[0])
    if (call[1] === 'unknown') note(first && 'unknown-' + first.replaceAll(' ', '-'), 404, `There is no ${first} “…”.`, path)
    else note(first, STATUS[call[1]], said(given[call[1] === 'badInput' || call[1] === 'conflict' ? 2 : 1]), path)
  }
  for (const call of text.matchAll(/\bProblems?\.(?:of|answer|write)\(|\b(?:answer|of|write)\((?=[^;]*HttpStatus)/g)) {
    const given = argumentsAt(text, text.indexOf('(', call.index))
    const at = given.findIndex((g) => /^"[a-z][a-z0-9-]+"$/.test(g))
    const status = /(\d{3})|HttpStatus\.(\w+)|SC_(\w+)/.exec(given.slice(0, Math.max(at, 0)).join(' '))
    if (at > 0) note(said(given[at]), status?.[1] ?? (status?.[2] ?? status?.[3] ?? '').toLowerCase().replaceAll('_', ' '), said(given[at + 1]), path)
  }
}

const rows = [...codes]
  .sort(([a], [b]) => a.localeCompare(b))
  .map(([code, k]) => `| \`${code}\` | ${[...k.status].filter(Boolean).join(', ')} | ${[...k.messages].join(' · ').replaceAll('|', '\\|')} | ${[...k.paths].map((p) => '`' + p.split('.').at(-1) + '`').join(', ')} |`)

const page = `# Codes

Whatever is refused is answered as problem details (RFC 9457): \`code\` from the table below, which stays as it is; \`detail\`, what is wrong, for
people; \`fix\`, the way out; \`field\`, which value, where it is one. Written by \`tools/codes\` from the code; “…” stands for what is worked out.

| code | status | detail | said by |
|---|---|---|---|
${rows.join('\n')}
`

if (process.argv.includes('--check')) {
  if (readFileSync(file, 'utf8') !== page) {
    console.error('docs/codes.md is not what the code says: run tools/codes.')
    process.exit(1)
  }
} else {
  writeFileSync(file, page)
  console.log(`${codes.size} codes in docs/codes.md`)
}
