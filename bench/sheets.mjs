// Draws every pattern, every template and a page of every kind in every look (or those that are named), wide and narrow, and counts what is wrong: contrast (axe-core), other
// violations, scrolling sideways, sections without anything in them. Called by bench/run; fails where anything is.
import { createRequire } from 'node:module'
import { join } from 'node:path'

const [folder, origin, ...named] = process.argv.slice(2)
const need = createRequire(join(folder, 'package.json'))
const { chromium } = need('playwright-core')
const axe = need.resolve('axe-core/axe.min.js')
const WIDTHS = [360, 1280]
/** Drawings are parts of pages: what only a whole page has is not asked of them. */
const OF_PAGES = ['page-has-heading-one', 'region', 'landmark-one-main', 'document-title', 'html-has-lang', 'heading-order', 'bypass']

const browser = await chromium.launch({ executablePath: process.env.CHROME_PATH, args: ['--no-sandbox'] })
const context = await browser.newContext({ bypassCSP: true })
const page = await context.newPage()
await page.goto(origin)
await page.getByLabel('E-mail').fill('maja@kestrel-moor.example')
await page.getByLabel('Password', { exact: true }).fill('dark-sky-friday')
await page.keyboard.press('Enter')
await page.getByRole('tree').first().waitFor()
const { proofs, catalog, looks, pages } = await page.evaluate(async () => {
  const ask = async (path) => (await fetch('/api/sites/kestrel-moor' + path)).json()
  return { proofs: (await ask('')).proofs, catalog: await ask('/catalog'), ...(({ looks, sheets }) => ({ looks, pages: sheets }))(await ask('/theme')) }
})
const sheets = [...catalog.patterns.map((p) => `pattern/${p.id}`), ...catalog.templates.map((t) => `template/${t.id}`), ...pages.map((p) => `page/${p.page}`)]
const asked = looks.filter((l) => (named.length ? named.includes(l.id) : l.id !== 'heather'))

let wrong = 0
for (const look of asked) {
  const count = { contrast: 0, violations: 0, sideways: 0, empty: 0 }
  for (const sheet of sheets) {
    for (const width of WIDTHS) {
      await page.setViewportSize({ width, height: 900 })
      await page.goto(`${proofs}${sheet}?look=${look.id}&${sheet.startsWith('pattern') ? `drawn=${look.id}` : 'sample=1'}`)
      await page.addScriptTag({ path: axe })
      const found = await page.evaluate(async (skipped) => {
        const result = await window.axe.run(document, { rules: Object.fromEntries(skipped.map((r) => [r, { enabled: false }])) })
        const bare = (s) => !s.innerText.trim() && !s.querySelector('img,svg,video,audio,hr,.to-fill-picture')
        return {
          broken: result.violations.map((v) => ({ rule: v.id, at: v.nodes.map((n) => n.target.join(' ')) })),
          sideways: document.documentElement.scrollWidth - innerWidth,
          empty: [...document.querySelectorAll('main section')].filter(bare).length,
        }
      }, OF_PAGES)
      const tell = (what) => console.log(`  ${look.name}, ${sheet}, ${width}: ${what}`)
      for (const { rule, at } of found.broken) {
        count[rule === 'color-contrast' ? 'contrast' : 'violations'] += at.length
        tell(`${rule} at ${at.slice(0, 2).join('; ')}`)
      }
      if (found.sideways > 0) tell(`${found.sideways} px too wide`)
      count.sideways += found.sideways > 0 ? 1 : 0
      count.empty += found.empty
    }
  }
  wrong += Object.values(count).reduce((a, b) => a + b)
  const told = Object.entries(count).map(([what, n]) => `${what} ${n}`)
  console.log(`${look.name.padEnd(10)} ${sheets.length} sheets at ${WIDTHS.join(' and ')} px: ${told.join(', ')}`)
}
await browser.close()
process.exit(wrong ? 1 : 0)
