import { expect, test } from '@jest/globals'
import { judge } from '../../scripts/audit-rules'

const high = {
  severity: 'high',
  title: 'Bad parsing',
  url: 'https://advisories.invalid/GHSA-aaaa',
  name: 'left'
}
const report = (via: readonly object[]): string =>
  JSON.stringify({ vulnerabilities: { left: { via: [...via, 'right'] } } })

test('a known fault of high severity fails, a lesser one does not', () => {
  expect(judge(report([high]), [], '2026-11-25')).toEqual({
    kind: 'faults',
    lines: ['high: Bad parsing in left (GHSA-aaaa)']
  })
  expect(judge(report([{ ...high, severity: 'moderate' }]), [], '2026-11-25').kind).toBe('clean')
  expect(judge(JSON.stringify({ vulnerabilities: {} }), [], '2026-11-25').kind).toBe('clean')
})
test('an allowance holds to its day and no longer', () => {
  const allowed = [
    { advisory: 'GHSA-aaaa', package: 'left', until: '2026-12-01', why: 'only used in tests' }
  ]
  expect(judge(report([high]), allowed, '2026-12-01').kind).toBe('clean')
  expect(judge(report([high]), allowed, '2026-12-02')).toMatchObject({
    kind: 'faults',
    lines: [expect.stringContaining('ended on 2026-12-01'), expect.stringContaining('GHSA-aaaa')]
  })
})
test.each(['', 'not json', '{"message":"405 Method Not Allowed"}'])(
  'no answer (%j) is said, not passed over',
  (answer) => {
    const verdict = judge(answer, [], '2026-11-25')
    expect([verdict.kind, verdict.lines[0]?.includes('NOT audited')]).toEqual(['no-answer', true])
  }
)
