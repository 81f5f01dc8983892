import { expect, test } from '@jest/globals'
import { issue, issueNamed } from '.'

/** The type check of `npm test` fails where one of the marked lines compiles. */
test('the compiler holds codes and figures together', () => {
  // @ts-expect-error no such code
  issue('money.too-lage')
  // @ts-expect-error a figure the code must have is missing
  issue('ledger.refund-too-large', [], { amount: 3 })
  // @ts-expect-error a figure the code does not have
  issue('file.empty', [], { size: 3 })
  // @ts-expect-error no such code, where it is chosen at run time
  issueNamed('plan.none', [], {})
  expect(issue('money.too-large', ['price'], { value: 3 })).toEqual({
    code: 'money.too-large',
    path: ['price'],
    figures: { value: 3 }
  })
  expect(issue('file.empty')).toEqual({ code: 'file.empty', path: [], figures: {} })
})
