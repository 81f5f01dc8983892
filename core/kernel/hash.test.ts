import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { fingerprint, stableText } from '.'

test('the order of fields does not matter, their values do', () => {
  expect(fingerprint({ a: 1, b: [2, { c: 3, d: undefined }] })).toBe(
    fingerprint({ b: [2, { c: 3 }], a: 1 })
  )
  expect(fingerprint({ a: 1 })).not.toBe(fingerprint({ a: 2 }))
  expect(fingerprint([1, 2])).not.toBe(fingerprint([2, 1]))
})

test('equal documents are written equally, and what is written is JSON', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      expect(JSON.parse(stableText(value))).toEqual(JSON.parse(JSON.stringify(value)))
      expect(fingerprint(structuredClone(value))).toBe(fingerprint(value))
    })
  )
})
