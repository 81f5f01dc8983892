/**
 * A short, stable fingerprint of plain data: 53 bits as 11 base-36 characters. Keys are taken in sorted order and
 * `undefined` fields left out, so two equal documents have equal fingerprints however they were built.
 * Mixing function: cyrb53, public domain. Not for secrets.
 */
export const fingerprint = (data: unknown): string => textPrint(stableText(data))

/** The same for text. */
export function textPrint(text: string): string {
  let a = 0xdeadbeef
  let b = 0x41c6ce57
  for (let i = 0; i < text.length; i++) {
    const c = text.charCodeAt(i)
    a = Math.imul(a ^ c, 2654435761)
    b = Math.imul(b ^ c, 1597334677)
  }
  a = Math.imul(a ^ (a >>> 16), 2246822507) ^ Math.imul(b ^ (b >>> 13), 3266489909)
  b = Math.imul(b ^ (b >>> 16), 2246822507) ^ Math.imul(a ^ (a >>> 13), 3266489909)
  return (4294967296 * (2097151 & b) + (a >>> 0)).toString(36).padStart(11, '0')
}

/** JSON with sorted keys. */
export function stableText(data: unknown): string {
  if (data === null || typeof data !== 'object') return JSON.stringify(data) ?? 'null'
  if (Array.isArray(data)) return `[${data.map(stableText).join(',')}]`
  const record = data as Record<string, unknown>
  const fields = Object.keys(record)
    .filter((key) => record[key] !== undefined)
    .sort()
    .map((key) => `${JSON.stringify(key)}:${stableText(record[key])}`)
  return `{${fields.join(',')}}`
}
