import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import globals from 'globals'
import ts from 'typescript-eslint'
import vueParser from 'vue-eslint-parser'
import { ownLines } from './scripts/lint/own-lines.mjs'

const from = (...rooms) => rooms.flatMap((room) => [`**/${room}`, `**/${room}/**`])
const forbid = (message, ...patterns) => ({
  'no-restricted-imports': ['error', { patterns: [{ group: patterns, message }] }]
})

/** Imports run one way: core ← (storage, workers, cli, server) ← stores ← views. The same rules stand in .dependency-cruiser.cjs. */
export default ts.config(
  {
    ignores: [
      'dist/**',
      'node_modules/**',
      'test-results/**',
      'tests/architecture/fixtures/**',
      'coverage/**'
    ]
  },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  prettier,
  {
    languageOptions: { globals: { ...globals.browser, ...globals.node } },
    rules: {
      'no-console': 'off',
      'vue/no-v-html': 'error',
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }
      ],
      '@typescript-eslint/consistent-type-imports': ['error', { disallowTypeAnnotations: false }],
      'max-lines': ['error', { max: 300 }],
      'max-params': ['error', { max: 5 }]
    }
  },
  { plugins: { house: { rules: { 'own-lines': ownLines } } } },
  {
    // Tests describe many cases in one function; what is shipped does not.
    files: ['**/*.ts', '**/*.mjs', '**/*.vue'],
    ignores: ['**/*.test.ts', 'tests/**'],
    rules: {
      'house/own-lines': ['error', { max: 60 }],
      complexity: ['error', { max: 15 }]
    }
  },
  {
    // The set-up of a store is a list of what it holds, watches and offers; its actions are measured by themselves.
    files: ['app/stores/*.ts'],
    rules: { 'house/own-lines': ['error', { max: 80 }] }
  },
  {
    // A bench is one list of figures, each measured where it stands.
    files: ['scripts/bench/*.ts'],
    rules: { 'house/own-lines': ['error', { max: 110 }], 'max-lines': ['error', { max: 320 }] }
  },
  {
    files: ['**/*.vue'],
    languageOptions: { parser: vueParser, parserOptions: { parser: ts.parser } }
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      ...forbid(
        'The core knows nothing of the interface, the browser or the server.',
        'vue',
        'vue-router',
        'pinia',
        'primevue/**',
        'idb',
        'express',
        'node:*',
        ...from('app', 'cli', 'server')
      ),
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'indexedDB',
        'fetch',
        'localStorage',
        'navigator'
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random' },
        { object: 'Date', property: 'now' },
        { object: 'performance', property: 'now' }
      ]
    }
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['core/formats/**', '**/*.test.ts'],
    rules: forbid(
      'Outside data is read in formats only.',
      'zod',
      'papaparse',
      'jsonc-parser',
      'vue',
      'vue-router',
      'pinia',
      'primevue/**',
      'idb',
      'express',
      'node:*',
      ...from('app', 'cli', 'server')
    )
  },
  {
    files: ['data/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: forbid(
      'The library is data; it uses the catalogue’s types alone.',
      'vue',
      'pinia',
      ...from(
        'app',
        'cli',
        'server',
        'plan',
        'search',
        'bound',
        'risk',
        'explain',
        'scenarios',
        'shopping',
        'against',
        'fit',
        'weigh',
        'formats',
        'workspace'
      )
    )
  },
  {
    files: ['app/storage/**/*.ts', 'app/workers/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: forbid(
      'Storage and workers stand below the stores.',
      'vue',
      'pinia',
      'primevue/**',
      ...from('stores', 'views', 'parts', 'shell')
    )
  },
  {
    files: ['app/stores/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: forbid(
      'Stores stand below the views.',
      'primevue/**',
      ...from('views', 'parts', 'shell')
    )
  },
  {
    files: ['app/words/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: forbid(
      'Words are written without the interface.',
      'vue',
      'pinia',
      'primevue/**',
      // By what is in them: words of a room may bear its name.
      ...['stores', 'views', 'parts', 'shell', 'storage', 'workers'].map((room) => `**/${room}/**`)
    )
  },
  {
    // On the page nothing is judged, searched or replayed: the workers are asked. What only reads or moves a plan may be used.
    files: ['app/**/*.ts', 'app/**/*.vue'],
    ignores: ['app/workers/**', '**/*.test.ts'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['plan', 'search', 'bound', 'risk', 'explain', 'scenarios', 'shopping'].map(
                (room) => `**/core/${room}`
              ),
              allowTypeImports: true,
              allowImportNames: [
                'movePurchase',
                'purchaseDays',
                'toolOfPurchase',
                'pocketDays',
                'mainFirst',
                'seenPrice'
              ],
              message: 'Plans are judged and searched for in a worker: ask it.'
            }
          ]
        }
      ]
    }
  },
  {
    files: ['app/parts/**'],
    rules: forbid('Parts are used by views, not the other way round.', ...from('views'))
  },
  {
    files: ['core/*/index.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'ExportAllDeclaration[exported=null]',
          message: 'A room says by name what it shows.'
        }
      ]
    }
  },
  {
    files: ['cli/**/*.ts', 'server/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: forbid(
      'Commands and server use the core, not the interface.',
      'vue',
      'pinia',
      'primevue/**',
      ...from('stores', 'views', 'parts', 'shell', 'storage', 'workers')
    )
  }
)
