// Copies the type that Venue serves to where the server finds it.
import { cpSync, existsSync, mkdirSync, readdirSync } from 'node:fs'

const to = 'target/web/venue/fonts/'
mkdirSync(to, { recursive: true })
const scope = 'node_modules/@fontsource-variable/'
for (const family of readdirSync(scope)) {
  for (const subset of ['latin', 'latin-ext']) {
    const name = `${family}-${subset}-wght-normal.woff2`
    cpSync(`${scope}${family}/files/${name}`, to + name)
  }
  // Four families have no leaning letters.
  const leaning = `${family}-latin-wght-italic.woff2`
  if (existsSync(`${scope}${family}/files/${leaning}`))
    cpSync(`${scope}${family}/files/${leaning}`, to + leaning)
}

// Letters for the pictures that are drawn of pages without one: as drawing programs read them, in one weight.
const drawn = 'target/web/venue/share/'
mkdirSync(drawn, { recursive: true })
const fixed = 'node_modules/@fontsource/'
for (const family of readdirSync(fixed)) {
  for (const subset of ['latin', 'latin-ext']) {
    const file = (weight) => `${fixed}${family}/files/${family}-${subset}-${weight}-normal.woff`
    const found = [600, 700, 400].map(file).find(existsSync)
    if (found) cpSync(found, `${drawn}${family}-${subset}.woff`)
  }
}
