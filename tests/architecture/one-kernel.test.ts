import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { expect, test } from '@jest/globals'
import ts from 'typescript'

/** What only the fit kernel reads of a method: its minutes, its error and its limits. */
const OF_A_METHOD = ['runMinutes', 'setupMinutes', 'limits', 'soundDbA', 'pointsPerUnit']
/** What only the kernel asks of a tier: how slow and how coarse it is. */
const OF_A_TIER = ['timeFactor', 'errorFactor']
/** Where these figures are written down, checked and read from files rather than reckoned with. */
const WRITTEN_DOWN = ['core/fit/kernel/', 'core/catalogue/', 'core/formats/']

const filesOf = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name)
    if (entry.isDirectory()) return filesOf(path)
    return /\.(ts|vue)$/.test(path) && !path.endsWith('.test.ts') ? [path] : []
  })

/** Places where a text reads one of the figures: `x.runMinutes`, `{ runMinutes } = x`, `timeFactor(`. */
export function readsOf(text: string, name: string): string[] {
  const script = name.endsWith('.vue')
    ? text.replace(/^[\s\S]*?<script[^>]*>|<\/script>[\s\S]*$/g, '')
    : text
  const source = ts.createSourceFile(name, script, ts.ScriptTarget.Latest, true)
  const found: string[] = []
  const visit = (node: ts.Node): void => {
    const read = ts.isPropertyAccessExpression(node)
      ? node.name.text
      : ts.isBindingElement(node) && ts.isObjectBindingPattern(node.parent)
        ? ((node.propertyName ?? node.name) as ts.Identifier).text
        : undefined
    const called =
      ts.isCallExpression(node) && ts.isIdentifier(node.expression)
        ? node.expression.text
        : undefined
    // A work-around says in words what it adds.
    const ofWorkAround =
      ts.isPropertyAccessExpression(node) && /around$/.test(node.expression.getText())
    if (read !== undefined && OF_A_METHOD.includes(read) && !ofWorkAround) found.push(read)
    const ofMethod =
      ts.isPropertyAccessExpression(node) && /\bmethod$/.test(node.expression.getText())
    if (read === 'accuracyMm' && ofMethod) found.push('method.accuracyMm')
    if (called !== undefined && OF_A_TIER.includes(called)) found.push(called)
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

test('the rule of a step stands once: nothing but the kernel reads a method’s minutes, limits or noise, or what a tier makes of them', () => {
  const elsewhere = ['core', 'app', 'cli', 'server']
    .flatMap(filesOf)
    .filter((file) => !WRITTEN_DOWN.some((folder) => file.startsWith(folder)))
    .flatMap((file) => readsOf(readFileSync(file, 'utf8'), file).map((what) => `${file}: ${what}`))
  expect(elsewhere).toEqual([])
})

test('and a second copy would be found', () => {
  expect(
    readsOf('const m = method.runMinutes * load.units * timeFactor(tier, condition)', 'a.ts')
  ).toEqual(['runMinutes', 'timeFactor'])
  expect(readsOf('const { setupMinutes: once } = method', 'a.ts')).toEqual(['setupMinutes'])
  expect(readsOf('const words = use.around.setupMinutes', 'a.ts')).toEqual([])
  expect(
    readsOf(
      '<script setup lang="ts">\nx.limits\n</script>\n<template>{{ a.b }}</template>',
      'a.vue'
    )
  ).toEqual(['limits'])
})
