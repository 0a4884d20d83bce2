import { readdirSync, readFileSync } from 'node:fs'
import vue from '@vitejs/plugin-vue'
import { fileURLToPath } from 'node:url'
import vuetify from 'vite-plugin-vuetify'
import { defineConfig } from 'vitest/config'

/** Tests that say so in their first line: they share one world, which costs a second less for each. */
const plain = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.test.ts'))
  .map((file) => `src/${file}`)
  .filter((file) => readFileSync(file, 'utf8').startsWith('// Needs no document.'))

export default defineConfig({
  plugins: [
    vue({ template: { compilerOptions: { whitespace: 'preserve' } } }),
    vuetify({ autoImport: true }),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: {
    outDir: 'target/web/venue/interface',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 1200,
  },
  server: {
    // Help shows what docs/ tells and shows: the words of ours, and the pictures of the views.
    fs: { allow: ['..'] },
    proxy: Object.fromEntries(
      ['/api', '^/-/(beginning|style|media|fonts|mark|texture|proof)'].map((path) => [
        path,
        { target: process.env.VENUE_BEHIND ?? 'http://localhost:8081', changeOrigin: true },
      ]),
    ),
  },
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
})
