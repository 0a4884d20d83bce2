// What people wait for in the interface: drawings, the tray, a keystroke's way into the proof. Two servers of the same
// demo take turns: the one of an earlier commit and this one. Called by bench/run; fails where a bound is not kept.
import { createRequire } from 'node:module'
import { join } from 'node:path'

const [folder, now, before, ...named] = process.argv.slice(2)
const asked = (part) => !named.length || named.includes(part)
const { chromium } = createRequire(join(folder, 'package.json'))('playwright-core')
const ROUNDS = 5
const SITE = 'kestrel-moor'
const KEYS = 9
const LONGEST_MS = 60_000
const median = (numbers) => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)]

const browser = await chromium.launch({ executablePath: process.env.CHROME_PATH, args: ['--no-sandbox', '--disable-background-networking'] })

/** In each document: when something first held, by the clock of the machine. */
function watching() {
  window.whenever = (holds) =>
    new Promise((done) => {
      const look = () => {
        if (document.body && holds()) return requestAnimationFrame(() => setTimeout(() => done(Date.now())))
        requestAnimationFrame(look)
      }
      look()
    })
}
/** Commands are given as the interface gives them. */
function giving(site) {
  window.give = async (command, shown = {}) => {
    const [, token] = /XSRF-TOKEN[^=]*=([^;]*)/.exec(document.cookie)
    const answer = await fetch(`/api/sites/${site}/commands`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
      body: JSON.stringify({ command, seen: {}, request: crypto.randomUUID(), ...shown }),
    })
    if (!answer.ok) throw new Error(await answer.text())
    return answer.json()
  }
}
async function open(origin, as = 'maja@kestrel-moor.example', password = 'dark-sky-friday') {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } })
  await context.addInitScript(watching)
  await context.addInitScript(giving, SITE)
  const page = await context.newPage()
  page.setDefaultTimeout(LONGEST_MS)
  await page.goto(origin)
  await page.getByLabel('E-mail').fill(as)
  await page.getByLabel('Password', { exact: true }).fill(password)
  await page.keyboard.press('Enter')
  await page.getByRole('tree').first().waitFor()
  return page
}

/** A page of as many sections, each with words, made through the interface's own commands. */
function make(page, sections) {
  return page.evaluate(
    async ([site, many, WARM]) => {
      const page = `many-${many}-${Date.now()}`
      await window.give({ verb: 'make-pages', kind: 'standard', template: 'plain', pages: [{ id: page, title: `Of ${many} sections` }], menus: [], settings: {} })
      const { patterns } = await (await fetch(`/api/sites/${site}/catalog`)).json()
      const worded = patterns.filter((p) => p.sections === 1 && p.kinds.includes('heading') && p.kinds.includes('text') && !p.kinds.includes('listing'))
      for (let i = 0; i < many; i++) {
        const { id } = worded[i % worded.length]
        await window.give({ verb: 'place-section', item: page, zone: 'main', index: i, id: `${page}x${i}`, pattern: id, spans: [] })
      }
      // The compiler has seen what is measured: a server that has just begun says nothing about the page.
      let step = 0
      for (let i = 0; i < WARM; i++) {
        const at = { item: page, section: `${page}x${i % many}`, key: 'tone' }
        const told = await window.give({ verb: 'set-value', ...at, value: i % 2 ? 'tinted' : 'plain' }, { showing: page, since: step })
        step = told.step
      }
      return page
    },
    [SITE, sections, 150],
  )
}

/** From a key in a heading in the middle of the page until the frame of the proof has drawn it. */
async function keystrokes(page, origin, id, sections) {
  await page.goto(`${origin}/${SITE}/page/${id}`)
  const card = page.locator(`[data-section=${id}x${Math.floor(sections / 2)}]`)
  // As it is marked now, and as it was at the commit that it stands beside.
  const heading = card.locator('[data-element=heading], .as-heading')
  await heading.locator('textarea, input, [contenteditable]').first().click()
  await page.keyboard.press('ControlOrMeta+A')
  await page.keyboard.type('q')
  const proof = await (await page.locator("iframe[title='Proof']").elementHandle()).contentFrame()
  await proof.getByText('q', { exact: true }).first().waitFor()
  const taken = []
  for (let i = 2; i <= KEYS + 3; i++) {
    await page.waitForTimeout(700)
    const seen = proof.evaluate((words) => window.whenever(() => document.body.textContent.includes(words)), 'q'.repeat(i))
    const from = await page.evaluate(() => {
      window.pressed = new Promise((done) => addEventListener('keydown', () => done(Date.now()), { once: true, capture: true }))
    })
    await page.keyboard.type('q')
    taken.push((await seen) - (await page.evaluate(() => window.pressed)))
  }
  return median(taken.slice(3))
}

/** What is in the window of those that have a place: all drawn. */
const DRAWN = `() => [...document.querySelectorAll('.drawn-place')].filter((p) => {
  const { top, bottom, width } = p.getBoundingClientRect()
  return width && top < innerHeight && bottom > 0
}).every((p) => p.hasAttribute('data-drawn'))`
const NAMED = `() => document.querySelectorAll('.group li b').length > 90`
const since = async (page, holds, from) => (await page.evaluate(`window.whenever(${holds})`)) - from

const taken = { before: {}, now: {} }
const add = (who, what, ms) => (taken[who][what] ??= []).push(ms)
const servers = { before: await open(before), now: await open(now) }
const origins = { before, now }
const made = {}
for (const who of ['before', 'now']) made[who] = { 6: await make(servers[who], 6), 60: await make(servers[who], 60) }
// The first round warms up both.
for (let round = 0; asked('drawings') && round <= ROUNDS; round++) {
  for (const who of round % 2 ? ['before', 'now'] : ['now', 'before']) {
    const { stands, drawn } = await patterns(servers[who], origins[who], who === 'now')
    if (round) add(who, 'stands', stands)
    if (round && who === 'now') {
      add(who, 'first', drawn)
      add(who, 'back', await comeBack(servers[who]))
      add(who, 'tray', await tray(servers[who], now, made.now[6]))
    }
    await servers[who].goto('about:blank')
  }
}
for (let round = 0; asked('keys') && round < 4; round++) {
  for (const who of round % 2 ? ['before', 'now'] : ['now', 'before'])
    for (const many of [6, 60]) {
      const ms = await keystrokes(servers[who], origins[who], made[who][many], many)
      if (round) add(who, `key ${many}`, ms)
      await servers[who].goto('about:blank')
    }
}
await browser.close()

const of = (who, what) => median(taken[who][what])
let broken = 0
function row(what, asked, value, said) {
  if (!(value <= asked)) broken++
  console.log(`${what.padEnd(58)} ${String(asked).padStart(6)} ${(Number.isInteger(value) ? String(value) : value.toFixed(2)).padStart(7)}  ${said}${value <= asked ? '' : '  NOT KEPT'}`)
}
console.log(`${''.padEnd(58)}  asked   taken`)
const ratio = (what, asked, part, whole) => row(what, asked, part / whole, `${part} of ${whole} ms`)
if (asked('drawings')) {
  row('Patterns: its first window drawn once it stands, ms', 500, of('now', 'first'), '')
  row('Patterns: come back to, ms', 100, of('now', 'back'), '')
  row('Tray: its first window drawn once it stands, ms', 500, of('now', 'tray'), '')
  ratio('Patterns stands, of the time before', 0.7, of('now', 'stands'), of('before', 'stands'))
}
if (asked('keys')) {
  ratio('Keystroke to proof, 60 sections, of the time before', 0.55, of('now', 'key 60'), of('before', 'key 60'))
  ratio('Keystroke to proof, 60 sections, of that in 6', 1.3, of('now', 'key 60'), of('now', 'key 6'))
}
process.exit(broken ? 1 : 0)
