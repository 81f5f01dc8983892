import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'

/** The build is static and takes any base path: assets are addressed relative to the page, routes live behind the hash. */
export default defineConfig({
  base: './',
  publicDir: 'app/public',
  plugins: [vue()],
  html: { cspNonce: '__CSP_NONCE__' },
  worker: { format: 'es' },
  build: { target: 'es2022', outDir: 'dist', assetsInlineLimit: 0, chunkSizeWarningLimit: 800 },
  server: { port: 5173 }
})
