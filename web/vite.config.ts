import vue from '@vitejs/plugin-vue'
import { fileURLToPath } from 'node:url'
import vuetify from 'vite-plugin-vuetify'
import { defineConfig } from 'vite'

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
})
