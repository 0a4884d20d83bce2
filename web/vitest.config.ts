import { readdirSync, readFileSync } from 'node:fs'
import { defineConfig, mergeConfig } from 'vitest/config'
import vite from './vite.config'

const tests = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.test.ts'))
  .map((file) => ({ file: `src/${file}`, text: readFileSync(`src/${file}`, 'utf8') }))
const saying = (what: RegExp) => tests.filter(({ text }) => what.test(text)).map(({ file }) => file)

/** Tests that say so in their first line need no document; like most of the others they share one world, which costs a second less for each. */
const plain = saying(/^\/\/ Needs no document\./)
/** Those that put something else in a module's place, or say in their first line why: each has a world of its own. */
const apart = saying(/\bvi\.(mock|doMock|hoisted)\(|^\/\/ Needs a world of its own/).filter(
  (file) => !plain.includes(file),
)

export default mergeConfig(
  vite,
  defineConfig({
    test: {
      testTimeout: 60_000,
      server: { deps: { inline: ['vuetify'] } },
      projects: [
        { extends: true, test: { name: 'plain', include: plain, environment: 'node', isolate: false } },
        {
          extends: true,
          test: {
            name: 'screens',
            include: ['src/**/*.test.ts'],
            exclude: [...plain, ...apart],
            environment: 'happy-dom',
            isolate: false,
          },
        },
        { extends: true, test: { name: 'apart', include: apart, environment: 'happy-dom' } },
      ],
    },
  }),
)
