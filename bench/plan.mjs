// The Plan of 20,000 pages: its first rows, an arrow key, a filter, and what holds the window up while somebody scrolls. Called by
// bench/run; fails where a bound is not kept.
import { createRequire } from 'node:module'
import { join } from 'node:path'

const [folder, origin] = process.argv.slice(2)
const { chromium } = createRequire(join(folder, 'package.json'))('playwright-core')
const SITE = 'kestrel-moor'
const PAGES = 20_000
const AT_ONCE = 200
const ROUNDS = 7
const median = (numbers) => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)]

const browser = await chromium.launch({
  executablePath: process.env.CHROME_PATH,
  args: ['--no-sandbox', '--disable-background-networking'],
})
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
page.setDefaultTimeout(120_000)
await page.goto(origin)
await page.getByLabel('E-mail').fill('maja@kestrel-moor.example')
await page.getByLabel('Password', { exact: true }).fill('dark-sky-friday')
await page.keyboard.press('Enter')
await page.getByRole('tree').first().waitFor()

await page.evaluate(
  async ([site, many, some]) => {
    const [, token] = /XSRF-TOKEN[^=]*=([^;]*)/.exec(document.cookie)
    for (let i = 0; i < many / some; i++) {
      const command = {
        verb: 'make-pages',
        where: { parent: i ? `plan-${i - 1}` : null },
        as: { kind: 'standard', template: 'plain' },
        pages: Array.from({ length: some }, (_, n) => ({ id: `plan-${i * some + n}`, title: `Workshop ${i * some + n}` })),
        menus: [],
        settings: {},
      }
      const answer = await fetch(`/api/sites/${site}/commands`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
        body: JSON.stringify({ command, seen: {}, request: crypto.randomUUID() }),
      })
      if (!answer.ok) throw new Error(await answer.text())
    }
  },
  [SITE, PAGES, AT_ONCE],
)

const opened = []
for (let i = 0; i < ROUNDS; i++) {
  await page.goto('about:blank')
  const from = Date.now()
  await page.goto(`${origin}/${SITE}/plan`, { waitUntil: 'commit' })
  await page.waitForFunction(() => document.querySelectorAll('[role=treeitem]').length > 10, null, { polling: 'raf' })
  opened.push(Date.now() - from)
}
await page.waitForTimeout(3000)
await page.getByRole('treeitem').first().click()

/** From something done in the window until something holds there, painted. */
const taking = (act, holds) =>
  page.evaluate(
    ([what, when]) =>
      new Promise((done) => {
        const from = performance.now()
        new Function(what)()
        const test = new Function(`return ${when}`)
        const look = () => (test() ? requestAnimationFrame(() => setTimeout(() => done(performance.now() - from))) : requestAnimationFrame(look))
        look()
      }),
    [act, holds],
  )
const key = `document.querySelector('[role=tree]').dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowDown', bubbles: true }))`
const arrow = []
for (let i = 0; i < ROUNDS; i++) {
  const at = await page.evaluate(() => document.querySelector('[aria-current]')?.id)
  arrow.push(await taking(key, `document.querySelector('[aria-current]')?.id !== '${at}'`))
}
await page.getByRole('button', { name: 'Filter', exact: true }).click()
const filtered = []
for (let i = 0; i < ROUNDS; i++) {
  await page.locator('.filters').getByRole('button', { name: 'To fill' }).waitFor()
  const press = `[...document.querySelectorAll('.filters .chip')].find(c => c.textContent.trim() === 'To fill').click()`
  filtered.push(await taking(press, `!!document.querySelector('.filters [role=status]')`))
  await page.getByText('show all').click()
  await page.waitForTimeout(300)
}
const longest = await page.evaluate(async () => {
  const tasks = []
  new PerformanceObserver((list) => list.getEntries().forEach((e) => tasks.push(e.duration))).observe({ type: 'longtask' })
  const tree = document.querySelector('[role=tree]')
  for (let i = 0; i < 120; i++) {
    tree.scrollTop += 900
    await new Promise(requestAnimationFrame)
  }
  await new Promise((done) => setTimeout(done, 500))
  return Math.max(0, ...tasks)
})
await browser.close()

let failed = 0
function row(what, bound, ms) {
  console.log(`${what.padEnd(44)} ${ms.toFixed(0).padStart(6)} ${String(bound).padStart(6)}`)
  if (ms > bound) failed++
}
console.log(`${`Plan of ${PAGES} pages, median`.padEnd(44)} ${'ms'.padStart(6)} ${'bound'.padStart(6)}`)
row('its first rows', 1000, median(opened))
row('an arrow key', 100, median(arrow))
row('a filter', 100, median(filtered))
row('the longest task while scrolling', 100, longest)
process.exit(failed ? 1 : 0)
