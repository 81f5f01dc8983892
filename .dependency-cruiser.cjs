/** The import rule of the project, checked over the whole graph: core ← (storage, workers, cli, server) ← stores ← views. */
const rule = (name, from, to) => ({
  name,
  severity: 'error',
  from: { path: from, pathNot: '\\.test\\.ts$' },
  to: { path: to }
})

module.exports = {
  forbidden: [
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } }
    },
    rule(
      'core-stands-alone',
      '(^|/)core/',
      '(^|/)(app|cli|server|data)/|^node_modules/(vue|pinia|primevue|idb|express|vue-router)'
    ),
    {
      name: 'rooms-by-their-index',
      comment: 'What a room of the core shows to others stands in its index.',
      severity: 'error',
      from: { path: '^core/([^/]+)/' },
      to: { path: '^core/([^/]+)/', pathNot: ['^core/$1/', '^core/[^/]+/index\\.ts$'] }
    },
    {
      name: 'core-by-its-indexes',
      severity: 'error',
      from: { path: '^(app|cli|server|data|scripts)/' },
      to: { path: '^core/', pathNot: '^core/[^/]+/index\\.ts$' }
    },
    rule(
      'outside-data-in-formats-only',
      '(^|/)core/(?!formats/)',
      '^node_modules/(zod|papaparse|jsonc-parser)'
    ),
    rule(
      'library-is-data',
      '(^|/)data/',
      '(^|/)(app|cli|server)/|(^|/)core/(?!board|cards|catalogue|inspection|kernel|builds|calendar|money|units|prices|ledger|supplies|workshop)'
    ),
    rule(
      'storage-and-workers-below-stores',
      '(^|/)app/(storage|workers|words)/',
      '(^|/)app/(stores|views|parts|shell)/'
    ),
    rule('stores-below-views', '(^|/)app/stores/', '(^|/)app/(views|parts|shell)/'),
    rule('parts-below-views', '(^|/)app/parts/', '(^|/)app/views/'),
    rule(
      'commands-without-interface',
      '(^|/)(cli|server)/',
      '(^|/)app/(stores|views|parts|shell|storage|workers)/'
    )
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: 'data/demo' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.js', '.vue', '.json', '.mjs'] }
  }
}
