import swc from '@swc/jest'

/**
 * Under Jest every look at a global goes through the sandbox, which makes searches several times slower than they are. Each module
 * therefore reads the globals it uses most once, on its first line.
 */
const GLOBALS = [
  'Array',
  'Float64Array',
  'Infinity',
  'Int32Array',
  'JSON',
  'Map',
  'Math',
  'Number',
  'Object',
  'Set',
  'String',
  'Uint8Array',
  'WeakMap'
]

const plain = swc.createTransformer({
  jsc: { parser: { syntax: 'typescript' }, target: 'es2022' },
  module: { type: 'es6' },
  sourceMaps: 'inline'
})

/** Of the globals those that a source names and does not declare itself. */
const namedIn = (source) =>
  GLOBALS.filter(
    (name) =>
      new RegExp(`\\b${name}\\b`).test(source) &&
      !new RegExp(
        `\\b(?:const|let|class|function|import)\\s+(?:type\\s+)?(?:\\{[^}]*)?\\b${name}\\b`
      ).test(source)
  )

const withGlobals = (source) => {
  const names = namedIn(source)
  return names.length === 0 ? source : `const { ${names.join(', ')} } = globalThis; ${source}`
}

export default {
  ...plain,
  getCacheKey: (source, path, options) => plain.getCacheKey(withGlobals(source), path, options),
  process: (source, path, options) => plain.process(withGlobals(source), path, options),
  processAsync: (source, path, options) => plain.processAsync(withGlobals(source), path, options)
}
