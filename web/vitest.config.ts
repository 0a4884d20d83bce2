import { readdirSync, readFileSync } from 'node:fs'
import { defineConfig, mergeConfig } from 'vitest/config'
import vite from './vite.config'

/** Tests that say so in their first line: they share one world, which costs a second less for each. */
const plain = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.test.ts'))
  .map((file) => `src/${file}`)
  .filter((file) => readFileSync(file, 'utf8').startsWith('// Needs no document.'))

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
          test: { name: 'screens', include: ['src/**/*.test.ts'], exclude: plain, environment: 'happy-dom' },
        },
      ],
    },
  }),
)
