import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

/** The build is static and takes any base path: assets are addressed relative to the page, routes live behind the hash. */
export default defineConfig({
  base: './',
  publicDir: 'app/public',
  plugins: [
    vue(),
    VitePWA({
      // A new version waits until the person says so: nobody loses what is half typed.
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Frugal Ledger',
        short_name: 'Ledger',
        description:
          'Which tool next, why, and when: a woodworker’s purchases ranked against planned builds and staged within a budget.',
        id: './',
        start_url: './',
        scope: './',
        display: 'standalone',
        background_color: '#f6f1e4',
        theme_color: '#f6f1e4',
        lang: 'en',
        icons: [
          { src: 'icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: 'icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
          { src: 'icon-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' }
        ]
      },
      strategies: 'injectManifest',
      srcDir: 'app',
      filename: 'sw.ts',
      injectManifest: {
        globPatterns: ['**/*.{html,js,css,json,svg,png,woff2,wasm}'],
        // The icons' drawings for browsers that know no fonts; all that are meant here do.
        globIgnores: ['**/primeicons-*.svg'],
        maximumFileSizeToCacheInBytes: 5 * 1024 * 1024
      }
    })
  ],
  html: { cspNonce: '__CSP_NONCE__' },
  worker: { format: 'es' },
  build: { target: 'es2022', outDir: 'dist', assetsInlineLimit: 0, chunkSizeWarningLimit: 800 },
  server: { port: 5173 }
})
