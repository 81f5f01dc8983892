import { expect, test } from '@jest/globals'
import { checkLink } from '.'

test.each(['https://example.org/saw?id=1', 'HTTP://example.org', '  https://example.org/a%20b '])(
  '%s may be kept',
  (text) => expect(checkLink(text)).toEqual({ ok: true, value: text.trim() })
)
test.each([
  'javascript:alert(1)',
  'data:text/html,<b>',
  'file:///etc/passwd',
  'ftp://example.org',
  '//example.org',
  'example.org',
  'https://',
  'https://exa mple.org',
  'https://example.org/"onclick="x',
  'java\nscript:alert(1)',
  '',
  ` https://example.org/${'a'.repeat(2000)}`
])('%j is refused', (text) => {
  const read = checkLink(text)
  expect(read.ok ? '' : read.issues[0]?.code).toBe('link.only-web')
})
