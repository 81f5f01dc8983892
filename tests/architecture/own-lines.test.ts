import { describe, expect, test } from '@jest/globals'
import { Linter } from 'eslint'
import { ownLines } from '../../scripts/lint/own-lines.mjs'

/** Messages of the rule on some code, at five lines. */
const said = (code: string): string[] =>
  new Linter()
    .verify(code, [
      {
        plugins: { house: { rules: { 'own-lines': ownLines } } },
        rules: { 'house/own-lines': ['error', { max: 5 }] }
      }
    ] as Linter.Config[])
    .map(({ message }) => message)
const lines = (n: number): string => 'act()\n'.repeat(n)

describe('the limit on a function’s own lines', () => {
  test('at the limit and one beyond it', () => {
    expect(said(`function f() {\n${lines(3)}}`)).toEqual([])
    expect(said(`function f() {\n${lines(4)}}`)).toHaveLength(1)
  })
  test('a function with a name inside counts by itself, a nameless one for the one it stands in', () => {
    expect(said(`function f() {\n${lines(3)}const g = () => {\n${lines(3)}}\n}`)).toEqual([])
    expect(said(`function f() {\n${lines(3)}list.forEach(() => {\n${lines(3)}})\n}`)).toHaveLength(
      1
    )
    expect(said(`function f() {\nconst g = () => {\n${lines(4)}}\n}`)).toHaveLength(1)
  })
  test('methods of what a factory makes are measured one by one', () => {
    const method = (name: string): string => `${name}() {\n${lines(3)}},\n`
    expect(said(`const made = () => ({\n${method('a')}${method('b')}})`)).toEqual([])
  })
})
