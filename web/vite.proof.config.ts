import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vite'

/** The script by which formatted text is written in a proof: a classic one, because the proof's frame has no origin. */
export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  define: { 'process.env.NODE_ENV': '"production"' },
  build: {
    outDir: 'target/web/venue/proof',
    emptyOutDir: true,
    copyPublicDir: false,
    lib: { entry: 'src/proof/writer.ts', formats: ['iife'], name: 'venueWriting', fileName: () => 'writer.js' },
  },
})
