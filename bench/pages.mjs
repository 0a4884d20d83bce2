// Runs Lighthouse three times on each page, in each of the looks that are named, and tells the medians; fails where speed is below 97, anything else below 100, or
// the layout shifts. Called by bench/run.
import { execFileSync } from 'node:child_process'
import { join } from 'node:path'
import { manager } from './looks.mjs'

const [folder, origin, own, ...asked] = process.argv.slice(2)
const paths = asked.filter((a) => a.startsWith('/'))
const looks = asked.filter((a) => !a.startsWith('/'))
const ROUNDS = 3
const ASKED = { performance: 97, accessibility: 100, 'best-practices': 100, seo: 100 }
const TRIES = 3
const median = (numbers) => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)]

/** A run that broke off, which the browser does now and then, is made again. */
function once(path, left = TRIES) {
  const flags = ['--quiet', '--output=json', '--chrome-flags=--headless=new --no-sandbox']
  const options = { maxBuffer: 1 << 28, stdio: ['ignore', 'pipe', 'ignore'] }
  let report
  try {
    report = JSON.parse(execFileSync(join(folder, 'node_modules/.bin/lighthouse'), [origin + path, ...flags], options))
  } catch (broken) {
    if (left > 1) return once(path, left - 1)
    throw new Error(`${path}: Lighthouse ended with ${broken.status}`, { cause: broken.signal })
  }
  if (report.runtimeError) throw new Error(`${path}: ${report.runtimeError.message}`)
  const scores = Object.fromEntries(Object.keys(ASKED).map((key) => [key, Math.round(report.categories[key].score * 100)]))
  return { ...scores, shift: report.audits['cumulative-layout-shift'].numericValue }
}

let missed = 0
const maja = looks.length ? await manager(own) : null
for (const look of looks.length ? looks : ['']) {
  if (look) {
    await maja.wear(look)
    console.log(look)
  }
  paths.forEach(measure)
}
process.exit(missed ? 1 : 0)

function measure(path) {
  const runs = Array.from({ length: ROUNDS }, () => once(path))
  const of = (key) => median(runs.map((r) => r[key]))
  const short = Object.entries(ASKED).filter(([key, least]) => of(key) < least).map(([key]) => key)
  if (of('shift') > 0.001) short.push('shift')
  missed += short.length
  const told = Object.keys(ASKED).map((key) => `${key} ${of(key)}`)
  console.log(`${path.padEnd(28)} ${told.join(', ')}, shift ${of('shift').toFixed(3)}${short.length ? `   below what is asked: ${short.join(', ')}` : ''}`)
}
