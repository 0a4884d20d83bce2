import { readdirSync, readFileSync } from 'node:fs'
import { defineConfig, mergeConfig } from 'vitest/config'
import vite from './vite.config'

const tests = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.test.ts'))
  .map((file) => ({ file: `src/${file}`, text: readFileSync(`src/${file}`, 'utf8') }))

/** Tests that say so in their first line. */
const plain = tests.filter(({ text }) => text.startsWith('// Needs no document.')).map(({ file }) => file)

/** Tests that put something else in the place of what others use too: each has a world of its own. */
const apart = tests
  .filter(({ text }) => /vi\.(mock|stubGlobal|useFakeTimers|resetModules|spyOn)\(/.test(text))
  .map(({ file }) => file)
  .filter((file) => !plain.includes(file))

/** The others share one, which costs one or two seconds less for each. */
const shared = { isolate: false }

export default mergeConfig(
  vite,
  defineConfig({
    test: {
      testTimeout: 60_000,
      server: { deps: { inline: ['vuetify'] } },
      projects: [
        { extends: true, test: { name: 'plain', include: plain, environment: 'node', ...shared } },
        { extends: true, test: { name: 'apart', include: apart, environment: 'happy-dom' } },
        {
          extends: true,
          test: {
            name: 'screens',
            include: ['src/**/*.test.ts'],
            exclude: [...plain, ...apart],
            environment: 'happy-dom',
            setupFiles: ['src/test/leaveNothing.ts'],
            ...shared,
          },
        },
      ],
    },
  }),
)
