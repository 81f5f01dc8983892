import { constants } from 'node:zlib'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'
import { compression, defineAlgorithm } from 'vite-plugin-compression2'
import { VitePWA } from 'vite-plugin-pwa'

/** Of eleven; the last two take ten times as long for a fiftieth less. */
const BROTLI_QUALITY = 9

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
    }),
    // Packed once here, so that no server packs a file again for each visit.
    compression({
      include: /\.(js|mjs|css|json|svg|wasm)$/,
      threshold: 1024,
      algorithms: [
        defineAlgorithm('gzip', { level: 9 }),
        defineAlgorithm('brotliCompress', {
          params: { [constants.BROTLI_PARAM_QUALITY]: BROTLI_QUALITY }
        })
      ]
    })
  ],
  html: { cspNonce: '__CSP_NONCE__' },
  worker: { format: 'es' },
  build: {
    target: 'es2022',
    outDir: 'dist',
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 800,
    rolldownOptions: {
      output: {
        // What the first picture needs comes in few files: each of thirty small ones would wait for its turn.
        codeSplitting: {
          groups: [
            { name: 'library', test: /[\\/]data[\\/]/, tags: ['$initial'], priority: 2 },
            { name: 'packages', test: /[\\/]node_modules[\\/]/, tags: ['$initial'], priority: 1 },
            { name: 'first', tags: ['$initial'] }
          ]
        }
      }
    }
  },
  server: { port: 5173 }
})
